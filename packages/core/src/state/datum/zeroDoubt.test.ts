import type { NewInterruption } from '../../records/log/interruption';
import type { RowEntry } from '../../records/kinds/entry';
import type { Snapshot } from '../../records/snapshots/snapshot';
import { doubtWords, faceShiftWords } from '../../messages/datum/zeroDoubt';
import { remainingWords, nextWords } from '../../messages/status/setupProgress';
import type { SetupState } from '../basis/setupState';
import { zeroDoubtOf, homingPart, leftSince, shiftOf } from './zeroDoubt';
import { featureAnswer } from './featureAnswer';
import { progressOf } from '../status/setupProgress';
import { zZeroAnswer } from '../zAndTools/zZero';
import { bookOf, plateSnapshot, presetDone, caseReading, rowOf } from '../basis/snapshot.case';

/** A router that reads machine coordinates; its left face was touched at X 95, so that part zero is at 100. */
const router: Snapshot = {
  ...plateSnapshot,
  machine: { ...plateSnapshot.machine, kind: 'router', scale: 'machine', homing: 'homes' },
};
const at = (time: string) => `2026-11-24T${time}:00.000Z`;

const touched = [
  rowOf('reading', caseReading({ kind: 'face', face: 'left' }, 95, { scale: 'machine', takenAt: at('09:10') })),
  rowOf('zeroing', {
    ...presetDone({ kind: 'face', face: 'left' }, 'x', 100, 'none', { at: at('09:20'), form: 'work-offset' }),
    place: { scale: 'machine' },
    opens: undefined,
  }),
];

const row = (what: NewInterruption['what'], id: string, time: string): RowEntry =>
  rowOf('interruption', { id, what, at: at(time) });

const again = (value: number, after: string, time = '11:10') => {
  const face = caseReading({ kind: 'face', face: 'left' }, value, { scale: 'machine', takenAt: at(time) });
  return rowOf('reading', { ...face, subject: { kind: 'return', after, face: 'left' } });
};

const bookWith = (...more: RowEntry[]): SetupState => bookOf(router, [...touched, ...more]);
const homed = row('homed', 'h1', '11:00');
const left = { kind: 'face', face: 'left' } as const;

describe('a zero after the machine was homed', () => {
  test('is in doubt, and a face that was touched before proves it', () => {
    expect(zeroDoubtOf(bookWith())).toBeUndefined();
    expect(zeroDoubtOf(bookWith(homed))).toMatchObject({
      what: 'homed',
      axes: ['x'],
      faces: [left, { face: 'right' }],
    });
  });

  test('that was set after the homing is not', () => {
    expect(zeroDoubtOf(bookWith(row('homed', 'h0', '09:00')))).toBeUndefined();
  });

  test('stands where that face comes back within what both touches are sure of', () => {
    const back = bookWith(homed, again(95.006, 'h1'));
    expect(zeroDoubtOf(back)).toBeUndefined();
    expect(shiftOf(back, 'h1', left)?.off).toBeCloseTo(0.006, 9);
    expect(shiftOf(back, 'h1', left)?.stands).toBe(true);
  });

  test('does not where it comes back elsewhere: said by how much, and what to do', () => {
    const moved = bookWith(homed, again(95.31, 'h1'));
    const doubt = zeroDoubtOf(moved);
    expect(doubt?.shift?.off).toBeCloseTo(0.31, 9);
    expect(doubt && doubtWords(moved, doubt)).toMatch(
      /^The left face is off by \+0\.310 mm ±0\.0\d\d mm: the zero of X has moved/,
    );
    expect(nextWords(moved, progressOf(moved).next)).toBe('The zero has moved: set it again.');
  });

  test('a touch after one homing proves nothing after the next', () => {
    const twice = bookWith(homed, again(95.002, 'h1'), row('homed', 'h2', '12:00'));
    expect(zeroDoubtOf(twice)?.id).toBe('h2');
    expect(
      zeroDoubtOf(bookWith(homed, again(95.002, 'h1'), row('homed', 'h2', '12:00'), again(95.004, 'h2', '12:10'))),
    ).toBeUndefined();
  });

  test('the return touch is none of the face’s own: its answer stays where it was', () => {
    const before = featureAnswer(bookWith(), left);
    const after = featureAnswer(bookWith(homed, again(95.02, 'h1')), left);
    expect(after?.x?.found).toBe(before?.x?.found);
    expect(after?.repeats?.n).toBe(1);
  });

  test('how far it came back counts in ± from then on, and more so the further', () => {
    const U = (...more: RowEntry[]) => featureAnswer(bookWith(...more), left)?.uncertainty.U ?? 0;
    expect(U(homed, again(95.002, 'h1'))).toBeGreaterThan(U());
    expect(U(homed, again(95.02, 'h1'))).toBeGreaterThan(U(homed, again(95.002, 'h1')));
    expect(homingPart(bookWith(homed, again(95.02, 'h1')), at('09:10'))?.u).toBeCloseTo(
      Math.sqrt((4 * 0.01 ** 2 + 0.02 ** 2) / 5),
      9,
    );
  });

  test('is in Z as well', () => {
    const touchedZ = rowOf(
      'reading',
      caseReading({ kind: 'z-zero', tool: 1 }, -40, { scale: 'machine', takenAt: at('09:30') }),
    );
    const U = (...more: RowEntry[]) => zZeroAnswer(bookWith(touchedZ, ...more))?.uncertainty.U ?? 0;
    expect(U(homed, again(95.02, 'h1'))).toBeGreaterThan(U());
  });

  test('what is found after it has none of it', () => {
    expect(homingPart(bookWith(homed), at('11:30'))).toBeUndefined();
  });

  test('stands by the person’s word, and is next in line until then', () => {
    expect(progressOf(bookWith(homed)).next).toMatchObject({ station: 'datum', what: 'prove' });
    expect(nextWords(bookWith(homed), progressOf(bookWith(homed)).next)).toBe(
      'Check the zero: touch the left face once more.',
    );
    expect(zeroDoubtOf(bookWith(homed, row('stands', 's1', '11:05')))).toBeUndefined();
  });
});

test('on a DRO that was set to the part, a face is held against its place on the part', () => {
  const readout = bookOf(plateSnapshot, [
    rowOf('reading', caseReading(left, -5.2, { takenAt: at('09:10') })),
    rowOf('zeroing', presetDone(left, 'x', -5, 'one', { at: at('09:20') })),
    row('away', 'night', '22:00'),
    rowOf('reading', {
      ...caseReading(left, -4.99, { epoch: 'one', takenAt: at('22:10') }),
      subject: { kind: 'return', after: 'night', face: 'left' },
    }),
  ]);
  expect(shiftOf(readout, 'night', left)?.off).toBeCloseTo(0.01, 9);
  expect(zeroDoubtOf(readout)).toBeUndefined();
  const shift = shiftOf(readout, 'night', left);
  expect(shift && faceShiftWords(readout, shift)).toMatch(/^The left face came back, off by \+0\.010 mm/);
});

test('an offset entered for a local datum stands for that, not for part zero', () => {
  const local = { id: 'second', name: 'Second', at: { x: 40, y: 0 } };
  const snapshot: Snapshot = { ...router, datumPlan: { ...router.datumPlan, local: [local] } };
  const set = rowOf('zeroing', {
    ...presetDone({ kind: 'datum', datum: 'second' }, 'x', 140, 'none', { at: at('09:20'), form: 'work-offset' }),
    place: { scale: 'machine' },
    opens: undefined,
  });
  const back = again(95.004, 'h1');
  expect(shiftOf(bookOf(snapshot, [set, homed, back]), 'h1', left)?.off).toBeCloseTo(0.004, 9);
});

describe('after a night', () => {
  const now = (time: string) => Date.parse(`2026-11-25T${time}:00.000Z`);

  test('it is asked whether anything moved, with where work stopped', () => {
    const book = bookWith();
    expect(leftSince(book, now('08:00'))).toBe(at('09:20'));
    expect(remainingWords(book, at('09:20'), () => 'on Tuesday')).toMatch(
      /^You were last here on Tuesday\. Next: Find Y\. Has anything/,
    );
  });

  test('nothing is asked within the same day, nor before anything was set, nor once it was answered', () => {
    expect(leftSince(bookWith(), Date.parse(at('12:00')))).toBeUndefined();
    expect(leftSince(bookOf(router, []), now('08:00'))).toBeUndefined();
    const answered = bookWith(rowOf('interruption', { id: 's', what: 'stands', at: '2026-11-25T07:59:00.000Z' }));
    expect(leftSince(answered, now('08:00'))).toBeUndefined();
  });
});
