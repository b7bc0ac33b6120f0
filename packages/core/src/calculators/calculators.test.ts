import { heightMethod } from '../zAndTools/heightMethod';
import { tapeErrors } from '../working/working.case';
import { runCalculator, startOf, type CalculatorAnswer } from './form';
import { CALCULATORS, calculatorNamed } from './list';

/** What a person types to get an answer, beside what stands there already. */
const TYPED: Record<string, Record<string, string>> = {
  edge: { r1: '-5.012', r2: '-5.008', r3: '-5.010' },
  halfway: { first: '-5', second: '189.04' },
  'bore-centre': { left: '52', right: '72', front: '48', back: '68', diameter: '6' },
  'bolt-circle': { size: '48', first: '15', x: '62', y: '58' },
  'tool-length': { reference: '37.42', r1: '25.11' },
  'z-on-gauge': { r1: '37.42' },
  turns: { to: '47.33' },
  'next-bore-setting': { low: '26', high: '26.021', start: '25.4', set1: '25.6', got1: '25.56' },
  fit: { measured: '25.9' },
  passes: { remove: '2.3' },
  fraction: { text: '1 3/8 in' },
};

const valuesOf = (name: string, change: Record<string, string> = {}, unit: 'mm' | 'in' = 'mm') => {
  const calculation = calculatorNamed(name);
  if (!calculation) throw new Error(`no ${name}`);
  return { calculation, values: { ...startOf(calculation.fields(change), unit), ...change } };
};

function answer(
  name: string,
  change: Record<string, string> = TYPED[name] ?? {},
  unit: 'mm' | 'in' = 'mm',
): CalculatorAnswer {
  const { calculation, values } = valuesOf(name, change, unit);
  const found = runCalculator(calculation, values, unit);
  if (!found.ok) throw new Error(`${found.field}: ${found.message}`);
  return found.answer;
}

test.each([
  ['edge', {}, { kind: 'edge', face: 'left' }],
  ['edge', { face: 'back' }, { kind: 'edge', face: 'back' }],
  ['halfway', { kind: 'slot' }, { kind: 'between', slot: true }],
  ['bolt-circle', {}, { kind: 'holes', holes: [] }],
] as const)('%s with %j is drawn as it is done before there is an answer', (name, change, drawn) => {
  const { calculation, values } = valuesOf(name, change);
  expect(runCalculator(calculation, values, 'mm').ok).toBe(false);
  expect(calculation.before?.(values)).toMatchObject(drawn);
});

const figures = ({ lines }: CalculatorAnswer) => lines.map(({ say, figure, unit }) => `${say} ${figure} ${unit}`);

describe.each(CALCULATORS.map(({ name }) => name))('%s', (name) => {
  test.each(['mm', 'in'] as const)('answers in %s with its tape, and a ± or why it has none', (unit) => {
    const { lines, tape, uncertainty, exact, cautions, notes } = answer(name, TYPED[name], unit);
    expect(lines.length).toBeGreaterThan(0);
    for (const { say, figure } of lines) {
      expect(say).toMatch(/^[A-Z]/);
      expect(figure).not.toMatch(/NaN|undefined|-0\.0+$/);
    }
    expect(tapeErrors(tape)).toEqual([]);
    if (uncertainty === null) expect(exact).toMatch(/\.$/);
    else expect(uncertainty.U).toBeGreaterThan(0);
    for (const { text } of cautions) expect(text).toMatch(/\.$/);
    for (const note of notes) expect(note).toMatch(/\.$/);
  });

  test('asks for what must be typed by its own name, and takes nothing for it', () => {
    const { calculation, values } = valuesOf(name);
    const wanted = calculation
      .fields(values)
      .filter(({ kind, optional, start }) => kind === 'length' && !optional && start.mm === '');
    for (const { key } of wanted) {
      const found = runCalculator(calculation, { ...values, ...TYPED[name], [key]: '' }, 'mm');
      expect(found).toMatchObject({ ok: false, field: key, message: expect.stringMatching(/^Type /) as string });
    }
  });

  test('what is no length is refused at its field, and its reason said', () => {
    const { calculation, values } = valuesOf(name, TYPED[name]);
    const lengths = calculation.fields(values).filter(({ kind }) => kind === 'length');
    for (const { key } of lengths.filter(({ key: one }) => one !== 'got2')) {
      const found = runCalculator(calculation, { ...values, [key]: '1,234.5' }, 'mm');
      expect(found).toMatchObject({ ok: false, field: key });
    }
  });
});

describe('the worked cases', () => {
  test('an edge by three touches of a 10 mm finder: all three forms, with their signs', () => {
    expect(figures(answer('edge'))).toEqual([
      'Still touching: set X to −5.000 mm',
      'Or raise the tool, then move X by +5.000 mm',
      'Or work offset X −0.010 mm',
    ]);
  });

  test('from the right it is the other way: preset beyond, move toward minus', () => {
    const right = { face: 'right', finder: 'pin', diameter: '6', feeler: '0.05', r1: '187.062', nominal: '184' };
    expect(figures(answer('edge', right))).toEqual([
      'Still touching: set X to 187.050 mm',
      'Or raise the tool, then move X by −3.050 mm',
      'Or work offset X 0.012 mm',
    ]);
  });

  test('front and back speak of Y', () => {
    expect(answer('edge', { face: 'back', r1: '121' }).lines[0]?.say).toBe('Still touching: set Y to');
  });

  test('halfway needs no radius; the width does, once at each face', () => {
    const [middle, width] = answer('halfway').lines;
    expect([middle?.figure, width?.figure]).toEqual(['92.020', '184.040']);
    expect(answer('halfway', { ...TYPED.halfway, diameter: '6' }).lines[0]?.figure).toBe('92.020');
    expect(answer('halfway', { first: '10', second: '20', kind: 'slot', diameter: '4' }).lines[1]?.figure).toBe(
      '14.000',
    );
  });

  test('halving from the right face goes back toward minus', () => {
    expect(answer('halfway', { first: '189.04', second: '-5' }).lines[2]?.figure).toBe('−97.020');
  });

  test('a bolt circle, by diameter or by radius', () => {
    const [first] = answer('bolt-circle').lines;
    expect(first).toMatchObject({ say: 'Hole 1, at 15.000°', figure: 'X 85.182  Y 64.212' });
    expect(answer('bolt-circle', { ...TYPED['bolt-circle'], told: 'radius', size: '24' }).lines).toEqual(
      answer('bolt-circle').lines,
    );
    expect(answer('bolt-circle').notes[0]).toContain('24.000 mm straight across');
  });

  test('an arc has a hole at both ends', () => {
    const arc = { size: '80', holes: '4', first: '20', arc: 'part', span: '75' };
    expect(answer('bolt-circle', arc).lines.map(({ figure }) => figure)).toEqual([
      'X 37.588  Y 13.681',
      'X 28.284  Y 28.284',
      'X 13.681  Y 37.588',
      'X −3.486  Y 39.848',
    ]);
  });

  test('a shorter tool is minus, and it is said', () => {
    const { lines, notes } = answer('tool-length');
    expect(lines[0]?.figure).toBe('−12.310');
    expect(notes[0]).toMatch(/^12\.310 mm shorter than the reference: minus\./);
  });

  test('each gauge has its own thickness, words and caution: what was typed of a block is none of the paper’s', () => {
    const z = (values: Record<string, string>) =>
      runCalculator(
        valuesOf('z-on-gauge').calculation,
        { ...valuesOf('z-on-gauge', { r1: '37.42' }).values, ...values },
        'mm',
      );
    expect(z({ gauge: 'paper' })).toMatchObject({ ok: false, field: 'paper-thickness' });
    for (const gauge of ['block', 'feeler', 'paper', 'touch-plate', 'setter'] as const) {
      const found = z({ gauge, [`${gauge}-thickness`]: '0.1', thickness: '10' });
      if (!found.ok) throw new Error(found.message);
      const raised = gauge === 'block' || gauge === 'feeler';
      expect(found.answer.cautions).toEqual(heightMethod(gauge).cautions);
      expect(found.answer.notes[0]).toMatch(raised ? /raise until/ : /^Lower/);
      expect(found.answer.lines[0]?.figure).toBe(gauge === 'block' ? '10.000' : '0.100');
      const fields = valuesOf('z-on-gauge')
        .calculation.fields({ gauge })
        .map(({ key }) => key);
      expect(fields.includes('step')).toBe(raised);
      const length = runCalculator(
        valuesOf('tool-length').calculation,
        { ...valuesOf('tool-length', TYPED['tool-length']).values, gauge },
        'mm',
      );
      expect(length.ok && length.answer.cautions).toEqual(heightMethod(gauge).cautions);
    }
  });

  test('what is between cutter and face is asked for, and an empty field is not nothing', () => {
    const edge = (values: Record<string, string>) =>
      runCalculator(valuesOf('edge').calculation, { ...valuesOf('edge', TYPED.edge).values, ...values }, 'mm');
    expect(edge({ finder: 'paper', feeler: '' })).toMatchObject({ ok: false, field: 'feeler' });
    expect(edge({ finder: 'pin', feeler: '' })).toMatchObject({ ok: false, field: 'feeler' });
    expect(edge({ finder: 'pin', feeler: '0' })).toMatchObject({ ok: true });
    // A probe has nothing between: what was typed for another is not counted.
    const probe = edge({ finder: 'probe', feeler: '3' });
    expect(probe.ok && probe.answer.lines[0]?.figure).toBe('−5.000');
  });

  test('Z is set to the block, and half of the last step where it was slipped under', () => {
    expect(figures(answer('z-on-gauge'))[0]).toBe('Still on the gauge: set Z to 10.000 mm');
    expect(answer('z-on-gauge', { r1: '37.42', step: '0.1' }).lines[0]?.figure).toBe('10.050');
  });

  test('turns and lines of the cumulative target', () => {
    const { lines, notes } = answer('turns', { to: '62' });
    expect(lines[0]).toMatchObject({ figure: '80', unit: '20 turns 80 lines past zero' });
    // 12.5 mm before zero: no minus turns, and the line that the dial shows there.
    expect(answer('turns', { to: '-12.5' }).lines[0]).toMatchObject({
      figure: '100',
      unit: '4 turns 20 lines before zero',
    });
    expect(notes).toEqual(['1. 20 turns counting up, then on to line 80.']);
    expect(answer('turns').lines[1]?.figure).toBe('+0.005');
  });

  test('the spring of a bar goes into its next setting', () => {
    const { lines, notes } = answer('next-bore-setting', {
      ...TYPED['next-bore-setting'],
      set2: '25.8',
      got2: '25.752',
    });
    expect(lines[0]?.say).toBe('Set the diameter to');
    expect(notes.join(' ')).toContain('The bar cuts 80.0 % of what is set.');
  });

  test('a fit in its limits, and what is left', () => {
    expect(figures(answer('fit')).slice(0, 2)).toEqual(['Lower limit 26.000 mm', 'Upper limit 26.021 mm']);
    expect(answer('fit').notes).toEqual(['Under: 0.100 mm to the lower limit.']);
  });

  test('a fraction in millimetres and back', () => {
    expect(figures(answer('fraction'))).toEqual([
      'Millimetres 34.9250 mm',
      'Inches 1.37500 in',
      'Nearest fraction 1 3/8 in',
    ]);
  });
});

test.each([
  ['bolt-circle', { size: '48', holes: '0' }, 'holes'],
  ['bolt-circle', { size: '48', holes: 'six' }, 'holes'],
  ['passes', { remove: '2.3', teeth: '0' }, 'teeth'],
  ['turns', { to: '10', perTurn: '0' }, 'perTurn'],
  ['fit', { fit: '26 h7' }, 'fit'],
])('%s with %j is refused at %s', (name, change, field) => {
  const { calculation, values } = valuesOf(name, change);
  const found = runCalculator(calculation, values, 'mm');
  expect(found).toMatchObject({ ok: false, field, message: expect.stringMatching(/\.$/) as string });
});

test('every address is its own, and there is no other', () => {
  expect(new Set(CALCULATORS.map(({ name }) => name)).size).toBe(CALCULATORS.length);
  expect(calculatorNamed('nothing')).toBeUndefined();
});

describe('the same shop in inches', () => {
  /** Lengths typed in inches that are the same as those typed in millimetres. */
  const inches = (typed: Record<string, string>): Record<string, string> =>
    Object.fromEntries(
      Object.entries(typed).map(([key, text]) => [key, /^-?[\d.]+$/.test(text) ? `${text} mm` : text]),
    );

  test.each(['edge', 'halfway', 'bore-centre', 'tool-length'])('%s comes out alike', (name) => {
    const plain = { finder: 'spring-finder', diameter: '10', ...TYPED[name] };
    const mm = answer(name, plain).lines.map(({ figure }) => Number(figure.replace('−', '-')));
    const inch = answer(name, inches(plain), 'in').lines.map(({ figure }) => Number(figure.replace('−', '-')));
    mm.forEach((value, i) => expect((inch[i] ?? NaN) * 25.4).toBeCloseTo(value, 2));
  });
});

describe('what a setup can take over', () => {
  test('an edge goes to its face as it was typed, a circle as it is, Z to Heights', () => {
    expect(answer('edge', { ...TYPED.edge, face: 'back' }).carry).toEqual({
      to: 'datum',
      feature: 'face.back',
      typed: '-5.012',
    });
    expect(answer('z-on-gauge').carry).toEqual({ to: 'heights', typed: '37.42' });
    expect(answer('bolt-circle').carry).toMatchObject({
      to: 'positions',
      circle: { centre: { x: 62, y: 58 }, diameter: 48, holes: 6, firstAngle: 15, direction: 'counter-clockwise' },
    });
  });

  test('what belongs to no setup is carried into none', () => {
    for (const name of ['fraction', 'fit', 'passes', 'turns']) expect(answer(name).carry).toBeUndefined();
  });
});
