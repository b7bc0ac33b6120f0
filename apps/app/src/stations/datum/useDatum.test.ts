import type { Face, Touched } from '@zero-point/core/contract/ledger';
import type { Snapshot } from '@zero-point/core/contract/setup';
import { withEntries, type Entry } from '@zero-point/core/ledger/entry';
import { plateSnapshot, presetDone, reading } from '@zero-point/core/ledger/snapshot.case';
import { useOutbox } from '../../stores/outbox';
import { datumView } from './useDatum';

const setupId = plateSnapshot.setup.id;
const face = (name: Face): Touched => ({ kind: 'face', face: name });

const touched = (snapshot: Snapshot, name: Face, ...values: number[]): Snapshot =>
  withEntries(
    snapshot,
    values.map((value) => ({ kind: 'reading' as const, setupId, body: reading(face(name), value) })),
  );

const set = (snapshot: Snapshot, name: Face, axis: 'x' | 'y', value: number): Snapshot =>
  withEntries(snapshot, [{ kind: 'zeroing', setupId, body: presetDone(face(name), axis, value, 2) }]);

let logged: Entry[] = [];
beforeEach(() => {
  logged = [];
  useOutbox.setState({ log: (entry) => logged.push(entry) });
});

describe('what Datum says next', () => {
  test('asks for a face, then for the other axis, then lets go', () => {
    expect(datumView(plateSnapshot, undefined).sentence).toBe('Tap the face you will touch first.');
    const x = set(touched(plateSnapshot, 'left', -5.01), 'left', 'x', -5);
    expect(datumView(x, undefined).sentence).toBe('X is set. Now Y: tap the front or the back face.');
    const y = set(touched(plateSnapshot, 'front', -5.01), 'front', 'y', -5);
    expect(datumView(y, undefined).sentence).toBe('Y is set. Now X: tap the left or the right face.');
    const both = set(touched(x, 'front', -5.01), 'front', 'y', -5);
    expect(datumView(both, undefined).sentence).toMatch(/X and Y are set/);
  });

  test.each<[Face, string]>([
    ['left', 'the left'],
    ['right', 'the right'],
    ['front', 'the front'],
    ['back', 'the back'],
  ])('the %s face is touched coming from %s', (name, from) => {
    expect(datumView(plateSnapshot, name).face?.sentence).toBe(`Touch the ${name} face, coming from ${from}.`);
  });

  test('the finder is told with its size, and a turning one with its speed', () => {
    const { finder } = datumView(plateSnapshot, 'left');
    expect(finder?.words).toBe('Spring finder: contact 10.000 mm, turning.');
    expect(finder?.cautions.map(({ id }) => id)).toEqual(['finder-speed', 'raise-z-first']);
    const pinned = { ...plateSnapshot, setup: { ...plateSnapshot.setup, finderId: 'pin', feeler: 0.05 } };
    const pin = datumView(pinned, 'left').finder;
    expect(pin?.words).toBe('Pin: contact 6.002 mm and 0.050 mm feeler, spindle stopped.');
    expect(pin?.radius).toBeCloseTo(3.051, 12);
  });

  test('without its finder it says so instead of guessing', () => {
    const lost = { ...plateSnapshot, setup: { ...plateSnapshot.setup, finderId: 'gone' } };
    expect(datumView(lost, 'left').finder).toBeUndefined();
  });
});

describe('the three answers', () => {
  test('the machine’s habit comes first, the others behind it', () => {
    const left = touched(plateSnapshot, 'left', -5.012, -5.008, -5.01);
    const order = (answerFirst: 'preset' | 'move' | 'work-offset') =>
      datumView(
        { ...left, machine: { ...left.machine, habits: { ...left.machine.habits, answerFirst } } },
        'left',
      ).face?.forms.map(({ form }) => form);
    expect(order('preset')).toEqual(['preset', 'move', 'work-offset']);
    expect(order('move')).toEqual(['move', 'preset', 'work-offset']);
    expect(order('work-offset')).toEqual(['work-offset', 'preset', 'move']);
  });

  test('a face away from zero is set to its place, not to nothing', () => {
    const right = touched(plateSnapshot, 'right', 189.01);
    const move = datumView(right, 'right').face?.forms.find(({ form }) => form === 'move');
    expect(move).toMatchObject({ figure: '−5.000', then: 'then set X to 184.000 mm', value: 184 });
  });

  test('in inches the same answer is in inches', () => {
    const left = touched(plateSnapshot, 'left', -5.01);
    const inch = { ...left, setup: { ...left.setup, units: 'in' as const } };
    expect(datumView(inch, 'left').face?.forms[0]?.figure).toBe('−0.1969');
  });

  test('saying it was done keeps form, value and a new epoch; a work offset keeps the epoch', () => {
    const view = datumView(touched(plateSnapshot, 'left', -5.01), 'left').face;
    const [preset, , offset] = view?.forms ?? [];
    if (!view || !preset || !offset) throw new Error('no answer');
    view.markSet(preset);
    view.markSet(offset);
    expect(logged).toMatchObject([
      { kind: 'zeroing', body: { axis: 'x', epoch: 2, form: 'preset', value: -5 } },
      { kind: 'zeroing', body: { axis: 'x', epoch: 1, form: 'work-offset' } },
    ]);
  });

  test('what is no length is refused with its place, and nothing is logged', () => {
    const view = datumView(plateSnapshot, 'left').face;
    expect(view?.log('')).toBe('Type what it shows, then log it.');
    expect(view?.log('5..2')).toMatch(/Two decimal marks.*place/);
    expect(logged).toEqual([]);
    expect(view?.log('-5 1/4')).toBeUndefined();
    expect(logged).toMatchObject([{ kind: 'reading', body: { text: '-5 1/4', value: -5.25, approach: 1, epoch: 1 } }]);
  });
});

test('once the axis was set, the old scale’s figures are offered no more, and a new touch is', () => {
  const done = set(touched(plateSnapshot, 'left', -5.01), 'left', 'x', -5);
  const view = datumView(done, 'left').face;
  expect([view?.answer, view?.forms]).toEqual([undefined, []]);
  expect(view?.sentence).toBe('X was set since. To check it, touch the left face again, coming from the left.');
  const again = withEntries(done, [{ kind: 'reading', setupId, body: reading(face('left'), -5.002, { epoch: 2 }) }]);
  expect(datumView(again, 'left').face?.forms[0]?.figure).toBe('−5.000');
});

describe('the middle of two faces', () => {
  const across = touched(touched(plateSnapshot, 'left', -5.01), 'right', 189.01);

  test('is offered once both were touched, and only beside no face', () => {
    expect(datumView(touched(plateSnapshot, 'left', -5.01), undefined).middles).toEqual([]);
    expect(datumView(across, undefined).middles.map(({ axis }) => axis)).toEqual(['x']);
    expect(datumView(across, 'left').middles).toEqual([]);
    expect(datumView(across, undefined).sentence).toMatch(/^Both faces across X are touched/);
  });

  test('drives to the middle and sets what stands there', () => {
    const [middle] = datumView(across, undefined).middles;
    expect(middle?.forms.map(({ form, figure, then }) => [form, figure, then])).toEqual([
      ['move', '92.000', 'then set X to 92.000 mm'],
      ['work-offset', '0.000', 'part zero on the scale as it stands'],
    ]);
    expect(middle?.halving).toBe('By halving: zero X at the left touch, and the middle reads +97.010 mm.');
    const [move] = middle?.forms ?? [];
    if (!middle || !move) throw new Error('no middle');
    middle.markSet(move);
    expect(logged).toMatchObject([{ body: { subject: { kind: 'middle', axis: 'x' }, form: 'move', value: 92 } }]);
  });

  test('is gone once the axis has a new zero, since its coordinate is of the old one', () => {
    expect(datumView(set(across, 'left', 'x', 0), undefined).middles).toEqual([]);
  });

  test('is held against the part’s size, on the axis in hand', () => {
    expect(datumView(across, 'right').checks.map(({ axis }) => axis)).toEqual(['x']);
    expect(datumView(across, 'front').checks).toEqual([]);
  });
});
