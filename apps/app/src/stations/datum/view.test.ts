import type { Feature } from '@zero-point/core/records/setup/datumPlan';
import type { Face, TouchedSubject } from '@zero-point/core/records/values/subject';
import type { NewReading } from '@zero-point/core/records/log/reading';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { featureOf } from '@zero-point/core/datum/feature';
import type { Entry } from '@zero-point/core/records/kinds/entry';
import { agreements } from '@zero-point/core/state/checks/agreements';
import { bookOf, dialRead, plateBook, presetDone, caseReading } from '@zero-point/core/state/basis/snapshot.case';
import { useOutbox } from '../../stores/outbox';
import { checksOf, datumView } from './view';
import { logSlot, logZeroSet } from './parts/feature/commands';
import { featureView } from './parts/feature/featureView';

const setupId = plateBook.setup.id;
const face = (name: Face): TouchedSubject => ({ kind: 'face', face: name });
const holed: SetupState = {
  ...plateBook,
  part: {
    ...plateBook.part,
    holes: [
      { x: 62, y: 58, diameter: 26 },
      { x: 150, y: 58, diameter: 12 },
    ],
  },
};

const feature = (key: string, book = plateBook): Feature => {
  const found = featureOf(book.part, key);
  if (!found) throw new Error(`no ${key}`);
  return found;
};
const viewOf = (book: SetupState, key: string, slot?: string) => featureView(book, feature(key, book), slot);

/** Logs what was typed at the touch in hand. */
const logAt = (book: SetupState, key: string, said: string, across = '') => {
  const { slot, method } = viewOf(book, key);
  return logSlot(book, slot, method, { said, across, as: 'scale' });
};

const logged = (book: SetupState, ...bodies: NewReading[]): SetupState =>
  bookOf(
    book,
    bodies.map((body) => ({ kind: 'reading' as const, setupId, body })),
  );
const touched = (book: SetupState, name: Face, ...values: number[]): SetupState =>
  logged(book, ...values.map((value) => caseReading(face(name), value)));
const along = (book: SetupState, name: Face, value: number, across: number): SetupState =>
  logged(book, caseReading(face(name), value, { across: { text: `${across}`, value: across } }));

const set = (book: SetupState, name: Face, axis: 'x' | 'y', value: number): SetupState =>
  bookOf(book, [{ kind: 'zeroing', setupId, body: presetDone(face(name), axis, value, `${axis}-2`) }]);

const with_ = (book: SetupState, change: Partial<SetupState['datumPlan']>): SetupState => ({
  ...book,
  datumPlan: { ...book.datumPlan, ...change },
});

let entries: Entry[] = [];
beforeEach(() => {
  entries = [];
  useOutbox.setState({ log: (entry) => entries.push(entry) });
});

describe('what Datum says next', () => {
  test('asks for something to touch, then for the other axis, then lets go', () => {
    expect(datumView(plateBook).sentence).toMatch(/^Tap what you will touch/);
    const x = set(touched(plateBook, 'left', -5.01), 'left', 'x', -5);
    expect(datumView(x).sentence).toBe('X is set. Now Y: tap the front or the back face.');
    const y = set(touched(plateBook, 'front', -5.01), 'front', 'y', -5);
    expect(datumView(y).sentence).toBe('Y is set. Now X: tap the left or the right face.');
    const both = set(touched(x, 'front', -5.01), 'front', 'y', -5);
    expect(datumView(both).sentence).toMatch(/X and Y are set/);
  });

  test.each<[Face, string]>([
    ['left', 'the left'],
    ['right', 'the right'],
    ['front', 'the front'],
    ['back', 'the back'],
  ])('the %s face is touched coming from %s', (name, from) => {
    expect(viewOf(plateBook, `face.${name}`).sentence).toBe(`Touch the ${name} face, coming from ${from}.`);
  });

  test('the finder is told with its size, and a turning one with its speed', () => {
    const { method } = viewOf(plateBook, 'face.left');
    expect(method?.words).toBe('Edge finder: contact 10.000 mm, turning.');
    expect(method?.cautions.map(({ id }) => id)).toEqual(['finder-speed', 'raise-z-first']);
    const pinned = { ...plateBook, setup: { ...plateBook.setup, finderId: 'pin', feeler: 0.05 } };
    const pin = viewOf(pinned, 'face.left').method;
    expect(pin?.words).toBe('Pin: contact 6.002 mm and 0.050 mm feeler, spindle stopped.');
    expect(pin?.radius).toBeCloseTo(3.051, 12);
  });

  test('without its finder it says so instead of guessing', () => {
    const lost = { ...plateBook, setup: { ...plateBook.setup, finderId: 'gone' } };
    expect(viewOf(lost, 'face.left').method).toBeUndefined();
    expect(logAt(lost, 'face.left', '-5')).toMatch(/Choose a finder first/);
    expect(entries).toEqual([]);
  });

  test('once the log has ten repeats with a finder, its own repeatability is told', () => {
    const known = { ...plateBook, repeatability: [{ gaugeId: 'spring', sd: 0.0031, dof: 14, readings: 21 }] };
    expect(viewOf(known, 'face.left').method?.words).toMatch(/Repeats to 0.003 mm by your log/);
    const few = { ...plateBook, repeatability: [{ gaugeId: 'spring', sd: 0.0031, dof: 4, readings: 6 }] };
    expect(viewOf(few, 'face.left').method?.words).not.toMatch(/by your log/);
    const U = (book: SetupState) => viewOf(touched(book, 'left', -5.01), 'face.left').answer?.uncertainty.U ?? 0;
    expect(U(known)).toBeLessThan(U(plateBook));
  });
});

describe('the three answers', () => {
  test('the machine’s habit comes first, the others behind it', () => {
    const left = touched(plateBook, 'left', -5.012, -5.008, -5.01);
    const order = (answerFirst: 'preset' | 'move' | 'work-offset') =>
      viewOf(
        { ...left, machine: { ...left.machine, habits: { ...left.machine.habits, answerFirst } } },
        'face.left',
      ).forms.map(({ form }) => form);
    expect(order('preset')).toEqual(['preset', 'move', 'work-offset']);
    expect(order('move')).toEqual(['move', 'preset', 'work-offset']);
    expect(order('work-offset')).toEqual(['work-offset', 'preset', 'move']);
  });

  test('a face away from zero is set to its place, not to nothing', () => {
    const right = touched(plateBook, 'right', 189.01);
    const move = viewOf(right, 'face.right').forms.find(({ form }) => form === 'move');
    expect(move).toMatchObject({ figure: '−5.000', then: 'then set X to 184.000 mm', value: 184 });
    const known = with_(right, { known: { 'face.right': 180 } });
    expect(viewOf(known, 'face.right').forms.find(({ form }) => form === 'move')?.value).toBe(180);
  });

  test('in inches the same answer is in inches', () => {
    const left = touched(plateBook, 'left', -5.01);
    const inch = { ...left, setup: { ...left.setup, units: 'in' as const } };
    expect(viewOf(inch, 'face.left').forms[0]?.figure).toBe('−0.1969');
  });

  test('on dials they are turns and lines, going on the way it came', () => {
    const dial = { perTurn: 3, lines: 120, countsUp: 'clockwise' as const };
    const axis = { step: 0.025, dial };
    const dials: SetupState = {
      ...plateBook,
      machine: { ...plateBook.machine, kind: 'dials', scale: 'dial', axes: { x: axis, y: axis, z: axis } },
    };
    const left = logged(dials, caseReading(face('left'), 12.325, { scale: 'dial' }));
    const forms = viewOf(left, 'face.left').forms;
    expect(forms.find(({ form }) => form === 'move')?.then).toBe('1 turn 80 lines further the same way; then zero X');
    expect(forms.find(({ form }) => form === 'preset')?.then).toMatch(
      /^set the collar, the wheel held still: line 40, 1 turn 80 lines before zero; while/,
    );
    expect(logAt(dials, 'face.left', '4t 13')).toBeUndefined();
    expect(entries).toMatchObject([{ body: { source: { text: '4t 13' }, value: 12.325, place: { scale: 'dial' } } }]);
  });

  test('saying it was done keeps form, value and a new epoch; a work offset keeps the epoch', () => {
    const view = viewOf(touched(plateBook, 'left', -5.01), 'face.left');
    const [preset, , offset] = view.forms;
    if (!preset || !offset) throw new Error('no answer');
    logZeroSet(plateBook, view.feature, preset);
    logZeroSet(plateBook, view.feature, offset);
    expect(entries).toMatchObject([
      { kind: 'zeroing', body: { axis: 'x', began: 'first', form: 'preset', value: -5 } },
      { kind: 'zeroing', body: { axis: 'x', began: 'first', form: 'work-offset' } },
    ]);
    const [set, left] = entries.map(({ body }) => body);
    expect(set).toHaveProperty('opens');
    expect(left).not.toHaveProperty('opens');
  });

  test('what is no length is refused with its place, and nothing is logged', () => {
    expect(logAt(plateBook, 'face.left', '')).toBe('Type what it shows, then log it.');
    expect(logAt(plateBook, 'face.left', '5..2')).toMatch(/Two decimal marks.*place/);
    expect(entries).toEqual([]);
    expect(logAt(plateBook, 'face.left', '-5 1/4')).toBeUndefined();
    expect(entries).toMatchObject([
      { kind: 'reading', body: { source: { text: '-5 1/4' }, value: -5.25, approach: 1, epoch: 'first' } },
    ]);
  });
});

test('after the axis was set, the coordinate of the older zero is offered no more', () => {
  const done = set(touched(plateBook, 'left', -5.01), 'left', 'x', -5);
  const view = viewOf(done, 'face.left');
  expect([view.answer, view.forms]).toEqual([undefined, []]);
  expect(view.sentence).toBe('X was set since. To check it, touch the left face again, coming from the left.');
  const again = logged(done, caseReading(face('left'), -5.002, { epoch: 'x-2' }));
  expect(viewOf(again, 'face.left').forms[0]?.figure).toBe('−5.000');
});

describe('the middle of two faces', () => {
  const across = touched(touched(plateBook, 'left', -5.01), 'right', 189.01);

  test('is found once both were touched', () => {
    const keys = (book: SetupState) => datumView(book).found.map(({ key }) => key);
    expect(keys(touched(plateBook, 'left', -5.01))).toEqual(['face.left']);
    expect(keys(across)).toEqual(['face.left', 'face.right', 'middle.x']);
    expect(datumView(across).sentence).toMatch(/^Both faces across X are touched/);
  });

  test('drives to the middle and sets what stands there, or presets at the last touch', () => {
    const middle = viewOf(across, 'middle.x');
    expect(middle.forms.map(({ form, figure, then }) => [form, figure, then])).toEqual([
      ['move', '92.000', 'then set X to 92.000 mm'],
      ['work-offset', '0.000', 'part zero on the current scale'],
      ['preset', '189.010', 'do not move first'],
    ]);
    expect(middle.halving).toMatch(/^By halving: zero X at the left touch, and the middle reads \+97\.010 mm\./);
    const [move] = middle.forms;
    if (!move) throw new Error('no middle');
    logZeroSet(across, middle.feature, move);
    expect(entries).toMatchObject([{ body: { subject: { kind: 'middle', axis: 'x' }, form: 'move', value: 92 } }]);
  });

  test('stands no more once the axis has a new zero, since its coordinate is of the old one', () => {
    const after = datumView(set(across, 'left', 'x', 0)).found.find(({ key }) => key === 'middle.x');
    expect(after?.stands).toBe(false);
    expect(viewOf(set(across, 'left', 'x', 0), 'middle.x').forms).toEqual([]);
  });

  test('is held against the part’s size, on the axis in hand', () => {
    const checks = agreements(across);
    expect(checksOf(feature('face.right'), checks).map(({ key }) => key)).toEqual(['width.middle.x']);
    expect(checksOf(feature('face.front'), checks)).toEqual([]);
  });
});

describe('a corner', () => {
  test('by one touch of each face sets both axes at once', () => {
    const corner = viewOf(touched(touched(plateBook, 'front', -5.01), 'left', -5.02), 'corner.front-left');
    expect(corner.forms[0]).toMatchObject({
      form: 'move',
      pair: { x: '−0.020', y: '−0.010' },
      then: 'then zero X and Y',
    });
    const [move] = corner.forms;
    if (!move) throw new Error('no corner');
    logZeroSet(plateBook, corner.feature, move);
    expect(entries.map(({ body }) => body)).toMatchObject([
      { axis: 'x', subject: { kind: 'corner', corner: 'front-left' }, value: 0 },
      { axis: 'y', subject: { kind: 'corner', corner: 'front-left' }, value: 0 },
    ]);
  });

  test('with its skew asks where along the face it was touched, and finds the turn', () => {
    const asked = with_(plateBook, { ways: { 'corner.front-left': 'square' } });
    const first = viewOf(asked, 'corner.front-left');
    expect(first.slots.map(({ name }) => name)).toEqual(['front, left end', 'front, right end', 'left, front end']);
    expect(first.acrossLabel).toBe('X where it is');
    expect(logAt(asked, 'corner.front-left', '-6.8121')).toBe('Type what X shows, then log it.');
    const one = along(asked, 'front', -6.8121, 15);
    expect(viewOf(one, 'corner.front-left').slot?.name).toBe('front, right end');
    const done = along(along(one, 'front', -5.9568, 155), 'left', -1.9167, 20);
    const { answer, problem } = viewOf(done, 'corner.front-left');
    expect(problem).toBeUndefined();
    expect(answer?.skew?.angle).toBeCloseTo(0.35, 3);
    expect(viewOf(done, 'corner.front-left').forms[0]?.pair?.x).toMatch(/^3\.2/);
  });
});

describe('a bore', () => {
  const probe: SetupState = {
    ...holed,
    gauges: [...holed.gauges, { id: 'probe', name: 'Probe', kind: 'probe', nominal: 4 }],
    setup: { ...holed.setup, finderId: 'probe' },
  };
  const wall = (axis: 'x' | 'y', approach: 1 | -1, value: number, across?: number) =>
    caseReading({ kind: 'round', of: 'hole-1' }, value, {
      axis,
      approach,
      gaugeId: 'probe',
      ...(across !== undefined && { across: { text: `${across}`, value: across } }),
    });

  test('by opposite walls is touched wall by wall, the second pair through the middle of the first', () => {
    const x = logged(probe, wall('x', 1, 73.019), wall('x', -1, 51.011));
    const view = viewOf(x, 'round.hole-1');
    expect(view.slot?.name).toBe('back wall');
    expect(view.sentence).toMatch(/First move X to its centre, 62\.015 mm/);
    const both = logged(x, wall('y', 1, 68.989), wall('y', -1, 46.979));
    const { answer } = viewOf(both, 'round.hole-1');
    expect(answer?.x?.found).toBeCloseTo(62.015, 9);
    expect(answer?.y?.found).toBeCloseTo(57.984, 9);
    expect(answer?.size).toMatchObject({ what: 'diameter', measured: expect.closeTo(26.01, 6), known: 26 });
  });

  test('by three points or more is fitted, with its form', () => {
    const asked = with_(probe, { ways: { 'round.hole-1': 'points' } });
    const done = logged(
      asked,
      wall('x', -1, 51.011, 58.2),
      wall('x', 1, 73.019, 58.2),
      wall('y', -1, 46.979, 61.9),
      wall('y', 1, 68.989, 61.9),
    );
    const { answer, forms } = viewOf(done, 'round.hole-1');
    expect(answer?.x?.found).toBeCloseTo(62.015, 3);
    expect(answer?.size?.measured).toBeCloseTo(26.012, 3);
    expect(forms.map(({ form }) => form)).toEqual(['move', 'work-offset', 'preset']);
  });

  test('a contact that does not go in is said before anything is touched', () => {
    const fat = { ...probe, gauges: probe.gauges.map((one) => (one.id === 'probe' ? { ...one, nominal: 30 } : one)) };
    const view = viewOf(fat, 'round.hole-1');
    expect(view.method?.missing).toMatch(/30\.000 mm does not go into a bore of 26\.000 mm/);
    expect(logAt(fat, 'round.hole-1', '1')).toMatch(/does not go into/);
    expect(entries).toEqual([]);
  });

  test('a plug counts only on the person’s word, or swept', () => {
    const plugged = with_(
      { ...holed, gauges: [...holed.gauges, { id: 'plug', name: 'Plug', kind: 'plug', nominal: 20 }] },
      { ways: { 'round.hole-1': 'plug' } },
    );
    const stand = (axis: 'x' | 'y', value: number) =>
      caseReading({ kind: 'standing', of: 'hole-1' }, value, { axis, gaugeId: 'plug' });
    const done = logged(plugged, stand('x', 62.02), stand('y', 57.99));
    expect(viewOf(done, 'round.hole-1').answer).toBeUndefined();
    const word = viewOf(with_(done, { onMyWord: ['round.hole-1'] }), 'round.hole-1');
    expect(word.answer).toMatchObject({ onMyWord: true, x: { workOffset: expect.closeTo(0.02, 9) } });
  });

  test('a sweep says how to move, or what to preset where it is', () => {
    const swept = with_(
      { ...holed, gauges: [...holed.gauges, { id: 'lever', name: 'Lever', kind: 'indicator', nominal: 0 }] },
      { ways: { 'round.hole-1': 'sweep' } },
    );
    const dial = (place: number, value: number) =>
      dialRead({ kind: 'sweep', of: 'hole-1', place, pass: 1 }, value, 'lever');
    const done = logged(swept, dial(0, 0.06), dial(90, -0.02), dial(180, -0.04), dial(270, 0.04));
    const { forms } = viewOf(done, 'round.hole-1');
    expect(forms.map(({ form, pair }) => [form, pair])).toEqual([
      ['preset', { x: '62.050', y: '57.970' }],
      ['move', { x: '−0.050', y: '+0.030' }],
    ]);
  });

  test('with another hole gives origin and direction', () => {
    const second = (axis: 'x' | 'y', approach: 1 | -1, value: number) =>
      caseReading({ kind: 'round', of: 'hole-2' }, value, { axis, approach, gaugeId: 'probe' });
    const found = logged(
      probe,
      wall('x', 1, 73),
      wall('x', -1, 51),
      wall('y', 1, 69),
      wall('y', -1, 47),
      second('x', 1, 154),
      second('x', -1, 146),
      second('y', 1, 62.5),
      second('y', -1, 54.5),
    );
    const { answer } = viewOf(found, 'line.hole-1.hole-2');
    expect(answer?.skew?.angle).toBeCloseTo((Math.atan2(0.5, 88) * 180) / Math.PI, 9);
    const mixed = logged(
      set(found, 'left', 'x', 0),
      second('y', -1, 54.5),
      caseReading({ kind: 'round', of: 'hole-2' }, 3, { axis: 'x', approach: 1, gaugeId: 'probe', epoch: 'x-2' }),
      caseReading({ kind: 'round', of: 'hole-2' }, 2, { axis: 'x', approach: -1, gaugeId: 'probe', epoch: 'x-2' }),
    );
    expect(viewOf(mixed, 'line.hole-1.hole-2').problem?.message).toMatch(/different scales/);
  });
});
