import type { Face, TouchedSubject } from '../../records/values/subject';
import type { NewStrike } from '../../records/log/strike';
import type { Pattern } from '../../records/setup/pattern';
import type { Snapshot } from '../../records/snapshots/snapshot';
import type { Entry } from '../../records/kinds/entry';
import { withEntries } from '../../records/kinds/merge';
import { deriveState, type SetupState } from './setupState';
import { faceAnswer } from '../datum/face';
import { toolLengthAnswer, zZeroAnswer } from '../zAndTools/zZero';
import { currentEpoch } from './activeRecords';
import { featureState } from '../datum/featureAnswer';
import { middleAnswer } from '../datum/middle';
import { agreements } from '../checks/agreements';
import { mendsOf, withMend } from '../verify/corrections';
import { plateSnapshot, presetDone, caseReading } from './snapshot.case';

const LEFT: TouchedSubject = { kind: 'face', face: 'left' };
const setupId = plateSnapshot.setup.id;

const take = (subject: TouchedSubject, ...values: number[]) =>
  values.map((value) => ({ kind: 'reading' as const, setupId, body: caseReading(subject, value) }));
const strike = (readingId: string, action: NewStrike['action'] = 'strike'): Entry => ({
  kind: 'strike',
  setupId,
  body: {
    id: `strike-${readingId}-${action}`,
    readingId,
    action,
    reason: 'feeler forgotten',
    at: '2026-11-24T09:15:00.000Z',
  },
});
const recorded = (...entries: Entry[]): Snapshot => withEntries(plateSnapshot, entries);
const log = (...entries: Entry[]): SetupState => deriveState(recorded(...entries));
/** What a touch may differ in. */
type Change = Parameters<typeof caseReading>[2];

describe('answers follow from the readings in force', () => {
  test('three touches of the left face', () => {
    expect(faceAnswer(log(...take(LEFT, -5.012, -5.008, -5.01)), 'left')?.result.preset).toBe(-5);
  });

  test('no readings, no answer; other faces do not count', () => {
    expect(faceAnswer(log(...take(LEFT, -5)), 'front')).toBeUndefined();
  });

  test('the right face stands at 184 on a part zeroed at its left, at 92 from its centre', () => {
    const right = take({ kind: 'face', face: 'right' }, 189);
    expect(faceAnswer(log(...right), 'right')?.result.preset).toBe(189);
    const centred: Entry = {
      kind: 'plan',
      setupId,
      version: 'a',
      began: 'first',
      body: { ...plateSnapshot.setup, partZero: 'centre' },
    };
    expect(faceAnswer(log(...right, centred), 'right')?.result.preset).toBe(97);
  });

  test('a struck reading leaves the answer, stays in the log, and comes back when restored', () => {
    const entries = take(LEFT, -5.01, -4.01);
    const wrong = entries[1]?.body.id ?? '';
    const struck = recorded(...entries, strike(wrong));
    expect(faceAnswer(deriveState(struck), 'left')?.result.edge).toBeCloseTo(-0.01, 12);
    expect(struck.readings).toHaveLength(2);
    expect(struck.readings[1]).toMatchObject({ struckReason: 'feeler forgotten' });
    expect(faceAnswer(deriveState(withEntries(struck, [strike(wrong, 'restore')])), 'left')?.result.edge).toBeCloseTo(
      0.49,
      12,
    );
  });

  test('another finder is another answer, with its measured size', () => {
    const pin: Entry = { kind: 'reading', setupId, body: caseReading(LEFT, -3.05, { gaugeId: 'pin', feeler: 0.05 }) };
    const answer = faceAnswer(log(...take(LEFT, -5.01), pin), 'left');
    expect(answer?.readings).toHaveLength(1);
    expect(answer?.result.radius).toBeCloseTo(3.051, 12);
  });

  test('presetting X starts a new epoch, and readings of the two never mix', () => {
    const set: Entry = { kind: 'zeroing', setupId, body: presetDone(LEFT, 'x', -5, 'x-2') };
    const before = recorded(...take(LEFT, 31.2, 31.21), set);
    expect(currentEpoch(deriveState(before), 'x')).toBe('x-2');
    expect(currentEpoch(deriveState(before), 'y')).toBe('first');
    expect(faceAnswer(deriveState(before), 'left')?.readings).toHaveLength(2);
    const again: Entry = { kind: 'reading', setupId, body: caseReading(LEFT, -5, { epoch: 'x-2' }) };
    expect(faceAnswer(deriveState(withEntries(before, [again])), 'left')?.result.edge).toBe(0);
  });

  test('an entry sent twice or already stored changes nothing', () => {
    const entries = take(LEFT, -5.01);
    expect(log(...entries, ...entries).readings).toHaveLength(1);
    expect(log(...entries.map((entry) => ({ ...entry, setupId: 'another' }))).readings).toHaveLength(0);
  });
});

describe('heights from the log', () => {
  const reference: TouchedSubject = { kind: 'z-zero', tool: 1 };
  const second: TouchedSubject = { kind: 'tool-length', tool: 2 };

  test('set Z to 10 on the block, then tool 2 is 12.310 shorter on the new scale', () => {
    const touched = recorded(...take(reference, 37.42));
    expect(zZeroAnswer(deriveState(touched))?.result.setZ).toBe(10);
    const set = withEntries(touched, [
      { kind: 'zeroing', setupId, body: presetDone(reference, 'z', 10, 'z-2') },
      { kind: 'reading', setupId, body: caseReading(second, -2.31, { epoch: 'z-2' }) },
    ]);
    expect(toolLengthAnswer(deriveState(set), 2)?.result.offset).toBeCloseTo(-12.31, 12);
  });

  test('without setting Z both tools are compared on the old scale', () => {
    const both = log(...take(reference, 37.42), ...take(second, 25.11));
    expect(toolLengthAnswer(both, 2)?.result.offset).toBeCloseTo(-12.31, 12);
  });

  test('nothing is compared across scales or gauges', () => {
    const otherScale: Entry = { kind: 'reading', setupId, body: caseReading(second, 25.11, { epoch: 'z-5' }) };
    expect(toolLengthAnswer(log(...take(reference, 37.42), otherScale), 2)).toBeUndefined();
    const otherGauge: Entry = { kind: 'reading', setupId, body: caseReading(second, 25.11, { gaugeId: 'pin' }) };
    expect(toolLengthAnswer(log(...take(reference, 37.42), otherGauge), 2)).toBeUndefined();
    expect(toolLengthAnswer(log(...take(second, 25.11)), 2)).toBeUndefined();
  });
});

test('a pattern sent again replaces itself, a new one is added', () => {
  const pattern: Pattern = {
    id: 'ring',
    name: 'Ring',
    kind: 'bolt-circle',
    holeDiameter: 4.2,
    circle: { centre: { x: 62, y: 58 }, diameter: 48, holes: 6, firstAngle: 15, direction: 'counter-clockwise' },
  };
  const turned: Pattern = { ...pattern, circle: { ...pattern.circle, firstAngle: 30 } };
  const put = (body: Pattern): Entry => ({ kind: 'pattern', setupId, version: 'a', began: 'first', body });
  expect(log(put(pattern), put(turned)).patterns).toEqual([turned]);
  expect(log(put(pattern), put({ ...turned, id: 'other' })).patterns).toHaveLength(2);
});

test('the middle of two faces is where the stock’s centre is, whatever the finder', () => {
  const both = log(...take(LEFT, -5.01), ...take({ kind: 'face', face: 'right' }, 189.03));
  expect(middleAnswer(both, 'x')?.result).toMatchObject({
    centre: expect.closeTo(92.01, 9),
    workOffset: expect.closeTo(0.01, 9),
    halfway: expect.closeTo(97.02, 9),
  });
  expect(middleAnswer(both, 'y')).toBeUndefined();
});

const faceEntry = (face: Face, value: number, change: Change = {}): Entry => ({
  kind: 'reading',
  setupId,
  body: caseReading({ kind: 'face', face }, value, change),
});

describe('touches that do not go together', () => {
  const middleOf = (...entries: Entry[]) => featureState(log(...entries), { kind: 'middle', axis: 'x' });

  test('on two scales or zeros, or with two contacts, are refused by what to do', () => {
    expect(middleOf(faceEntry('left', -5.01)).state).toBe('open');
    for (const change of [{ scale: 'incremental' as const }, { epoch: 'x-2' }]) {
      const state = middleOf(faceEntry('left', -5.01), faceEntry('right', 189, change));
      expect(state).toMatchObject({ state: 'refused', problem: { code: 'mixed-scales' } });
    }
    const pin = middleOf(faceEntry('left', -5.01), faceEntry('right', 187.05, { gaugeId: 'pin', feeler: 0.05 }));
    expect(pin).toMatchObject({ state: 'refused', problem: { code: 'mixed-contacts' } });
  });

  test('in inches and in millimetres do, each as it was typed', () => {
    const inch = faceEntry('right', 189, {
      source: { by: 'typed', text: '7.4409448818897 in', unit: 'in' },
    });
    const state = middleOf(faceEntry('left', -5), inch);
    expect(state).toMatchObject({ state: 'found', answer: { x: { found: expect.closeTo(92, 9) } } });
  });
});

describe('what is known against what was measured', () => {
  const checkOf = (book: SetupState, key: string) => agreements(book).find((one) => one.key === key);
  const touched = (right: number, change: Change = {}): SetupState =>
    log(faceEntry('left', -5.01), faceEntry('right', right, change));

  test('opposite faces agree where the part is as it should be', () => {
    expect(checkOf(touched(189), 'width.middle.x')).toMatchObject({
      measured: expect.closeTo(184.01, 9),
      against: 'drawing',
      explanation: { agrees: true },
    });
    expect(checkOf(touched(189), 'width.middle.y')).toBeUndefined();
  });

  test('the radius left out at one face is named, and striking either touch out is offered', () => {
    const book = touched(184);
    const check = checkOf(book, 'width.middle.x');
    expect(check?.explanation.likely[0]?.slip).toBe('radius-once');
    const mends = check ? mendsOf(book, check) : [];
    expect(mends.map(({ strike }) => strike.length)).toEqual([1, 1]);
    expect(mends.every(({ again }) => again.length === 0)).toBe(true);
  });

  test('two zeros of the scale are not compared', () => {
    expect(checkOf(touched(189, { epoch: 'x-2' }), 'width.middle.x')).toBeUndefined();
    expect(checkOf(touched(189, { scale: 'incremental' }), 'width.middle.x')).toBeUndefined();
  });

  test('a caliper goes before the drawing, and is itself held against it', () => {
    const base = recorded(faceEntry('left', -5.01), faceEntry('right', 190.6));
    const book = deriveState({ ...base, setup: { ...base.setup, caliper: { x: 185.6 } } });
    expect(checkOf(book, 'width.middle.x')).toMatchObject({ against: 'caliper', explanation: { agrees: true } });
    expect(checkOf(book, 'caliper.middle.x')).toMatchObject({
      measured: 185.6,
      known: 184,
      explanation: { agrees: false },
    });
  });

  test('a face touched again after it was set must be where it was set to', () => {
    const left: TouchedSubject = { kind: 'face', face: 'left' };
    const set: Entry = { kind: 'zeroing', setupId, body: presetDone(left, 'x', -5, 'x-2') };
    const again = (value: number) => log(faceEntry('left', 31.2), set, faceEntry('left', value, { epoch: 'x-2' }));
    expect(checkOf(again(-5.005), 'datum.face.left')).toMatchObject({ explanation: { agrees: true } });
    const off = checkOf(again(0), 'datum.face.left');
    expect(off?.explanation.likely[0]?.slip).toBe('radius-once');
  });

  test('a touch struck out after its work offset was entered says that the offset is not what the touches say', () => {
    const left: TouchedSubject = { kind: 'face', face: 'left' };
    const slip = caseReading(left, -7.01, { id: 'slip' });
    const good = caseReading(left, -5.01, { id: 'good' });
    const entered = (value: number): Entry => ({
      kind: 'zeroing',
      setupId,
      body: { ...presetDone(left, 'x', value, 'none'), form: 'work-offset', opens: undefined },
    });
    const strike: Entry = {
      kind: 'strike',
      setupId,
      body: { id: 'out', readingId: 'slip', action: 'strike', reason: 'bumped', at: '2026-11-24T10:00:00.000Z' },
    };
    const row = (body: typeof slip): Entry => ({ kind: 'reading', setupId, body });
    const alone = log(row(slip), entered(-2.01));
    expect(checkOf(alone, 'datum.face.left')).toBeUndefined();
    const mended = log(row(slip), row(good), entered(-2.01), strike);
    const check = checkOf(mended, 'datum.face.left');
    expect(check).toMatchObject({
      against: 'offset',
      measured: expect.closeTo(-0.01, 9),
      known: -2.01,
      explanation: { agrees: false },
      suspects: [],
    });
    expect(check && mendsOf(mended, check)).toEqual([]);
    expect(checkOf(log(row(slip), row(good), entered(-0.01), strike), 'datum.face.left')).toBeUndefined();
  });

  test('another finder on the same face must find it at the same place', () => {
    const pin = { gaugeId: 'pin', feeler: 0.2 };
    const book = log(faceEntry('left', -5.01), faceEntry('left', -3.0, pin));
    const check = checkOf(book, 'previous.face.left');
    expect(check).toMatchObject({ measured: expect.closeTo(0.201, 9), known: expect.closeTo(-0.01, 9) });
    expect(check?.explanation.likely[0]?.slip).toBe('feeler');
    const mends = check ? mendsOf(book, check) : [];
    expect(mends[0]).toMatchObject({ slip: 'feeler', again: [{ change: { feeler: 0 } }] });
  });

  const typed = (text: string, unit: 'mm' | 'in' = 'mm') => ({ by: 'typed' as const, text, unit });

  test.each<[string, number, object]>([
    ['a misread millimetre', 190, { source: typed('189'), value: 189 }],
    ['a forgotten minus', -189, { source: typed('189'), value: 189 }],
    ['inches typed as millimetres', 7.4411, { source: typed('7.4411', 'in'), value: expect.closeTo(7.4411 * 25.4, 9) }],
    ['a slipped decimal point', 18.9, { source: typed('189'), value: 189 }],
  ])('%s is put right by an entry that makes the faces agree', (_, value, meant) => {
    const book = touched(value);
    const check = checkOf(book, 'width.middle.x');
    expect(check?.explanation.agrees).toBe(false);
    const mends = check ? mendsOf(book, check) : [];
    const cure = mends.find(({ strike }) => strike[0]?.value === value);
    expect(cure?.again[0]?.change).toMatchObject(meant);
    const after = cure && checkOf(withMend(book, cure), 'width.middle.x');
    expect(after?.explanation.agrees).toBe(true);
    expect(book.readings).toHaveLength(2);
  });

  test('one reading that stands apart is told from its own fellows, and put right alone', () => {
    const book = log(...[188.995, 189.995, 189].map((value) => faceEntry('right', value)));
    const check = checkOf(book, 'repeat.face.right');
    expect(check).toMatchObject({ measured: 189.995, known: expect.closeTo(188.9975, 9) });
    expect(check?.explanation.likely[0]?.slip).toBe('misread-figure');
    const [cure] = check ? mendsOf(book, check) : [];
    expect(cure).toMatchObject({
      strike: [{ value: 189.995 }],
      again: [{ change: { value: 188.995, source: { text: '188.995' } } }],
    });
  });
});
