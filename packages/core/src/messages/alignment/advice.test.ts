import { alignmentPlaces } from '../../alignment/places';
import type { Alignment } from '../../records/setup/alignment';
import type { AlignmentTask } from '../../records/values/subject';
import { alignmentShop as shop, configured, readPass as read } from '../../state/alignment/alignment.case';
import { alignmentPass } from '../../state/alignment/taskAnswer';
import { advise, type Advice } from './advice';
import { entryLabel, placeTitle, question, indicatorToolWords } from './place';

function adviceOf(alignment: Alignment, values: number[], book = shop): Advice {
  const after = read(book, alignment, values);
  const { answer } = alignmentPass(after, alignment, 1);
  if (!answer) throw new Error('not everything was read');
  return advise(after, answer);
}

const figures = (advice: Advice) => Object.fromEntries(advice.figures.map(({ say, figure }) => [say, figure]));

describe('what to do about a jaw', () => {
  test.each([
    ['x', 'low', 1, 0, 120, [0, 0.06], 'Tap the right end back, away from you.'],
    ['x', 'low', -1, 0, 120, [0, 0.06], 'Tap the right end toward you.'],
    ['x', 'high', 1, 0, 120, [0, 0.06], 'Tap the right end toward you.'],
    ['x', 'high', -1, 0, 120, [0, 0.06], 'Tap the right end back, away from you.'],
    ['x', 'low', 1, 120, 0, [0, 0.06], 'Tap the left end toward you.'],
    ['y', 'low', 1, 0, 120, [0, 0.06], 'Tap the back end to the right.'],
    ['y', 'low', 1, 120, 0, [0, 0.06], 'Tap the front end to the left.'],
  ] as const)(
    'along %s from the %s side, sense %i, bolt at %i',
    (along, side, sense, pivot, loose, values, sentence) => {
      const advice = adviceOf(configured(shop, 'vise', { along, side, sense, pivot, loose }), [...values]);
      expect(advice.sentence).toBe(sentence);
    },
  );

  test('in an inch setup every figure is in inches', () => {
    const inch = { ...shop, setup: { ...shop.setup, units: 'in' as const } };
    const advice = adviceOf(configured(inch, 'vise'), [0, 0.0508], inch);
    expect(figures(advice)).toMatchObject({ 'Tap the right end by': '0.0020', 'Reading there now': '+0.0020' });
    expect(advice.figures.every(({ unit }) => unit === 'in')).toBe(true);
  });

  test('in line says so, and what cannot be told asks for more readings', () => {
    expect(adviceOf(configured(shop, 'vise'), [0, 0.002]).sentence).toBe('The jaw runs true.');
    const unsure = adviceOf(configured(shop, 'vise', { allowed: 0.002 }), [0, 0.002]);
    expect(unsure.state).toBe('unsure');
    expect(unsure.sentence).toMatch(/Read each place again, or more places/);
  });
});

describe('what to do about the rest', () => {
  test('a head is turned and nodded against its lean, each only where it leans', () => {
    const head = configured(shop, 'head');
    expect(adviceOf(head, [0, 0.1, 0, 0.08]).sentence).toBe(
      'Seen from the front, tram the head counter-clockwise. Nod the top of the head toward you.',
    );
    expect(adviceOf(head, [0, -0.1, 0, 0]).sentence).toBe(
      'Seen from the front, tram the head clockwise. Front to back it is square.',
    );
    expect(adviceOf(head, [0, 0.1, 0, 0.08]).notes.join(' ')).toContain('about Y +0.029°, about X −0.023°');
  });

  test('a swept bore gives both moves and what remains', () => {
    const advice = adviceOf(configured(shop, 'centre'), [0.06, -0.02, -0.04, 0.04]);
    expect(figures(advice)).toEqual({
      'Move X by': '−0.050',
      'Move Y by': '+0.030',
      'Reading all round when right': '+0.010',
    });
    expect(advice.notes.join(' ')).toMatch(/Total run-out 0\.100 mm/);
  });

  test('a plug says on whose word it is taken', () => {
    const plug = configured(shop, 'centre', { school: 'plug' });
    expect(adviceOf(plug, [62.01, 57.99]).notes[0]).toBe('Accepted without a check sweep.');
    expect(adviceOf({ ...plug, confirmTir: 0.004 } as Alignment, [62.01, 57.99]).notes[0]).toBe(
      'Confirmed by a sweep.',
    );
  });

  test('two scroll jaws, readings 0, 0, +0.22, −0.22: tap across the jaws, no packing', () => {
    const advice = adviceOf(configured(shop, 'chuck', { jaws: 'two' }), [0, 0, 0.22, -0.22]);
    expect(advice.sentence).toBe('Tap across the jaws by half the difference, without shims. Then read again.');
    expect(figures(advice)).toMatchObject({ 'Mark 90° at the indicator: push away': '0.220' });
    expect(Object.keys(figures(advice)).join()).not.toMatch(/Shim|Mark 0° at the indicator: push/);
  });

  test('a chucked part read one way is not called true', () => {
    const advice = adviceOf(configured(shop, 'chuck', { pairs: 1 }), [0, 0]);
    expect(advice.sentence).toMatch(/Read marks 90° and 270° too/);
  });

  test('a chuck that is out itself is said before any packing', () => {
    const advice = adviceOf(configured(shop, 'chuck', { chuckTir: 0.2 }), [0, -0.06, 0, 0]);
    expect(figures(advice).Shim).toBe('0.045');
    expect(advice.notes.join(' ')).toMatch(/True the chuck on its table first/);
  });

  test('a level is turned so that the part comes back, in the axis’ own sense', () => {
    const level = configured(shop, 'level');
    expect(figures(adviceOf(level, [0, 0.1]))['Turn the axis by']).toBe('+0.115°');
    expect(figures(adviceOf({ ...level, rotarySense: -1 } as Alignment, [0, 0.1]))['Turn the axis by']).toBe('−0.115°');
  });

  test.each([
    ['vise', {}, [0, 0.002], 'The right end is out by', '0.002'],
    ['vise', { allowed: 0.002 }, [0, 0.002], 'The right end is out by', '0.002'],
    ['centre', {}, [0.004, 0, -0.004, 0], 'The spindle is off in X by', '+0.004'],
    ['chuck', {}, [0, -0.004, 0, 0], 'Off toward mark 0° by', '0.002'],
    ['chuck', { jaws: 'two' }, [0, -0.004, 0, 0], 'Off toward mark 0° by', '0.002'],
    ['level', {}, [0, 0.002], 'Left to turn', '+0.002°'],
    ['skew', {}, [-3.812, -3.811], 'The right end is out by', '0.001'],
  ] as const)(
    '%s %j in line or not entered from it: what is left is said, and nothing is to be done by it',
    (task, change, values, say, figure) => {
      const advice = adviceOf(configured(shop, task, change), [...values]);
      expect(advice.state).not.toBe('off');
      expect(figures(advice)).toMatchObject({ [say]: figure });
      expect(Object.keys(figures(advice)).join()).not.toMatch(/Tap|Move|push|Turn the axis|Shim/);
    },
  );

  test('a turned part is tapped or carried', () => {
    const advice = adviceOf(configured(shop, 'skew'), [-3.812, -2.811]);
    expect(advice.sentence).toBe('Tap the right end toward you. Or rotate the coordinates.');
    expect(figures(advice)['The part is rotated']).toBe('+0.350°');
  });
});

describe('the one thing to read next', () => {
  test.each<[AlignmentTask, number, RegExp]>([
    ['vise', 0, /from your side, 0\.000 mm from its left end\. Set the dial to zero/],
    ['head', 0, /100\.000 mm out to the left/],
    ['centre', 1, /Turn to 90°, away from you\. What does the dial show/],
    ['chuck', 1, /^Table locked\. Z up.*face at mark 180°/],
    ['level', 1, /Move 50\.000 mm along \+Y/],
    ['skew', 0, /Touch the front face from the front, X 10\.000 mm along it/],
  ])('%s, place %i', (task, i, words) => {
    const alignment = configured(shop, task);
    expect(question(shop, alignment, alignmentPlaces(alignment)[i] ?? 0, i === 0)).toMatch(words);
  });

  test('a chucked part by two faces: the table stands, the indicator swings', () => {
    const standing = configured(shop, 'chuck', { standing: true });
    const [first = 0, second = 0] = alignmentPlaces(standing);
    expect(question(shop, standing, first, true)).toMatch(
      /^Spindle over the table’s centre, X and Y locked\..*face at mark 0°/,
    );
    expect(question(shop, standing, second, false)).toMatch(/^Table locked\. Z up.*face at mark 180°/);
  });

  test('says with what, and never a bare length for a place', () => {
    expect(entryLabel(shop, configured(shop, 'skew'), 10)).toMatch(/^Y, at X 10\.000 mm$/);
    expect(indicatorToolWords(shop, configured(shop, 'vise'))).toBe('Lever indicator, lines of 0.002 mm.');
    expect(indicatorToolWords(shop, configured(shop, 'skew'))).toBe('Edge finder, 10.000 mm.');
    expect(placeTitle(configured(shop, 'vise'), 120, 'mm')).toBe('at 120.000 mm');
    expect(placeTitle(configured(shop, 'head'), 180, 'mm')).toBe('left');
  });
});
