import fc from 'fast-check';
import type { Entry } from '../../records/kinds/entry';
import type { CalibrationFound, NewCalibration } from '../../records/shop/calibration';
import { withEntries } from '../../records/kinds/merge';
import type { Bore } from '../../records/setup/cutPlan';
import { alignmentShop, configured, readPass } from '../alignment/alignment.case';
import { gaugeAt, deriveState, deriveStateAs, type SetupState } from './setupState';
import { foundFeatures } from '../datum/foundFeatures';
import { sizeOf, uSize, uTouch } from '../gauges/contactSize';
import { recalculatedAnswers } from '../verify/recalculationPreview';
import { bookOf, plateSnapshot, caseReading, sizeRead } from './snapshot.case';
import { alignmentPass } from '../alignment/taskAnswer';
import { boreAnswer } from '../boreAndFace/bore';
import { faceAnswer } from '../datum/face';
import { zZeroAnswer } from '../zAndTools/zZero';
import { frameOf } from '../zAndTools/toolTable';

const setupId = plateSnapshot.setup.id;
const take = (...args: Parameters<typeof caseReading>): Entry => ({
  kind: 'reading',
  setupId,
  body: caseReading(...args),
});
let rows = 0;
const found = (of: NewCalibration['of'], what: CalibrationFound, at: string, from = at): Entry => ({
  kind: 'calibration',
  setupId: '',
  body: { id: `row-${(rows += 1)}`, of, found: what, from, at },
});
const spring = (what: CalibrationFound, at: string, from = at): Entry =>
  found({ kind: 'gauge', gaugeId: 'spring' }, what, at, from);
const open = (...entries: Entry[]): SetupState => deriveState(withEntries(plateSnapshot, entries));

const TOUCHED = [
  take({ kind: 'face', face: 'left' }, -5.01),
  take({ kind: 'face', face: 'right' }, 189.02),
  take({ kind: 'face', face: 'front' }, -4.99),
  take({ kind: 'z-zero', tool: 1 }, -40),
];
/** When those readings were taken. */
const DAY = '2026-11-24';
const LATER = '2026-12-01T08:00:00.000Z';

/** Everything the setup answers: where, and how well. */
const answers = (book: SetupState) => [
  ...foundFeatures(book).map(({ key, answer }) => [key, answer.x?.found, answer.y?.found, answer.uncertainty.U]),
  [zZeroAnswer(book)?.result.workOffset, zZeroAnswer(book)?.result.uncertainty.U],
];

const OF: fc.Arbitrary<NewCalibration['of']> = fc.constantFrom<NewCalibration['of']>(
  { kind: 'gauge', gaugeId: 'spring' },
  { kind: 'gauge', gaugeId: 'pin' },
  { kind: 'gauge', gaugeId: 'block' },
  { kind: 'axis', machineId: 'knee', axis: 'x' },
);
const SIZE = fc.double({ min: 1, max: 30, noNaN: true });
const FOUND: fc.Arbitrary<CalibrationFound> = fc.oneof(
  SIZE.map((value): CalibrationFound => ({ what: 'size', value, U: value / 1000 })),
  SIZE.map((value): CalibrationFound => ({ what: 'run-out', value: value / 1000 })),
  SIZE.map((value): CalibrationFound => ({ what: 'touch', value: value / 1000 })),
  fc.constantFrom<CalibrationFound>({ what: 'void', why: 'crash' }, { what: 'void', why: 'new-stylus' }),
);

describe('no calibration moves an answer of the past', () => {
  test('whatever is found, voided or renewed later, in any order, what was touched before stays to the last digit', () => {
    const before = answers(open(...TOUCHED));
    expect(before.length).toBeGreaterThan(4);
    const row = fc.tuple(OF, FOUND, fc.integer({ min: 1, max: 3000 }));
    fc.assert(
      fc.property(fc.array(row, { maxLength: 8 }), (later) => {
        const entries = later.map(([of, what, days]) =>
          found(of, what, new Date(Date.parse(`${DAY}T23:59:00.000Z`) + days * 86_400_000).toISOString()),
        );
        expect(answers(open(...TOUCHED, ...entries))).toEqual(before);
      }),
      { numRuns: 200 },
    );
  });

  test('nor does time itself: a gauge that comes due later was good when it touched', () => {
    const sized = spring({ what: 'size', value: 10.01, U: 0.004 }, '2026-01-02T08:00:00.000Z');
    const book = open(sized, ...TOUCHED);
    const then = gaugeAt(book, 'spring', `${DAY}T10:00:00.000Z`);
    const overdue = gaugeAt(book, 'spring', '2027-01-03T08:00:00.000Z');
    expect(then && uSize(then)).toBeCloseTo(0.001, 12);
    expect(overdue && uSize(overdue)).toBeCloseTo(0.003, 12);
    expect(overdue && sizeOf(overdue)).toBe(10.01);
  });
});

describe('nor one of anything else that was read', () => {
  const lever = (what: CalibrationFound): Entry => found({ kind: 'gauge', gaugeId: 'lever' }, what, LATER);

  test('a vise by an indicator whose scatter is found later', () => {
    const vise = configured(alignmentShop, 'vise');
    const read = readPass(alignmentShop, vise, [0, 0.058]);
    const before = alignmentPass(read, vise, 1).answer;
    expect(before?.uncertainty?.U).toBeGreaterThan(0);
    for (const what of [
      { what: 'touch', value: 0.03 },
      { what: 'void', why: 'dropped' },
    ] as CalibrationFound[]) {
      const after = alignmentPass(bookOf(read, [lever(what)]), vise, 1).answer;
      expect(after?.uncertainty).toEqual(before?.uncertainty);
    }
  });

  test('a bore by a gauge that is tried later', () => {
    const bore: Bore = {
      id: 'big',
      name: 'Big',
      low: 26,
      high: 26.021,
      counts: 'diameter',
      step: 0.01,
      gaugeId: 'lever',
    };
    const read = bookOf(alignmentShop, [
      { kind: 'reading', setupId, body: sizeRead({ kind: 'bore-size', of: 'big' }, 25.4, 'lever') },
    ]);
    const U = (book: SetupState) => boreAnswer(book, bore).answer?.uncertainty?.U;
    expect(U(read)).toBeGreaterThan(0);
    expect(U(bookOf(read, [lever({ what: 'touch', value: 0.03 })]))).toBe(U(read));
  });

  test('lengths in a school that has the gauge in them, by a block measured later', () => {
    const machine = {
      ...plateSnapshot.machine,
      habits: { answerFirst: 'preset' as const, toolLengthSchool: 'touch-part' as const },
    };
    const block = found({ kind: 'gauge', gaugeId: 'block' }, { what: 'size', value: 10.5, U: 0.002 }, LATER);
    const frame = (...more: Entry[]) =>
      frameOf(
        deriveState(withEntries({ ...plateSnapshot, machine }, [take({ kind: 'z-zero', tool: 1 }, -40), ...more])),
      );
    expect(frame().gauge).toBe(10);
    expect(frame(block)).toEqual(frame());
  });
});

describe('what was dropped', () => {
  const sized = spring({ what: 'size', value: 10.01, U: 0.004 }, '2026-01-02T08:00:00.000Z');
  const fine = spring({ what: 'touch', value: 0.001 }, '2026-01-02T08:00:00.000Z');
  const at = (moment: string, ...more: Entry[]) => {
    const gauge = gaugeAt(open(sized, fine, ...more), 'spring', moment);
    if (!gauge) throw new Error('no such gauge');
    return gauge;
  };

  test('is no surer than any of its kind, in size and in touch, and keeps the size it had', () => {
    const dropped = at(LATER, spring({ what: 'void', why: 'dropped' }, '2026-11-30T08:00:00.000Z'));
    expect([sizeOf(dropped), uSize(dropped), uTouch(dropped)]).toEqual([10.01, 0.003, 0.005]);
    const before = at('2026-11-29T08:00:00.000Z', spring({ what: 'void', why: 'dropped' }, '2026-11-30T08:00:00.000Z'));
    expect([uSize(before), uTouch(before)]).toEqual([0.001, 0.001]);
  });

  test('found again it is sure of its size again, and of its feel only once that was tried again', () => {
    const dropped = spring({ what: 'void', why: 'dropped' }, '2026-11-30T08:00:00.000Z');
    const again = spring({ what: 'size', value: 10.02, U: 0.004 }, '2026-11-30T09:00:00.000Z');
    const sizedAgain = at(LATER, dropped, again);
    expect([sizeOf(sizedAgain), uSize(sizedAgain), uTouch(sizedAgain)]).toEqual([10.02, 0.001, 0.005]);
    const tried = spring({ what: 'touch', value: 0.002 }, '2026-11-30T10:00:00.000Z');
    expect(uTouch(at(LATER, dropped, again, tried))).toBe(0.002);
  });

  test('with a new stylus it is as it is marked, until it is found again', () => {
    const renewed = spring({ what: 'void', why: 'new-stylus' }, '2026-11-30T08:00:00.000Z');
    expect(sizeOf(at(LATER, renewed))).toBe(10);
    const again = spring({ what: 'size', value: 9.99, U: 0.004 }, '2026-11-30T09:00:00.000Z');
    expect(sizeOf(at(LATER, renewed, again))).toBe(9.99);
  });

  test('"it was so from the start" takes the place of what was said before it', () => {
    const always = spring({ what: 'size', value: 10.02 }, LATER, '1970-01-01T00:00:00.000Z');
    expect(sizeOf(at(`${DAY}T10:00:00.000Z`, always))).toBe(10.02);
  });
});

describe('reckoned with today’s', () => {
  const today = spring({ what: 'size', value: 10.02, U: 0.002 }, LATER);

  test('the difference is shown before anyone takes it: half of what the finder is wider', () => {
    const book = open(...TOUCHED, today);
    const changes = recalculatedAnswers(book, LATER);
    const left = changes.find(({ of }) => of !== 'z' && of.kind === 'face' && of.face === 'left');
    expect(left?.before).toBeCloseTo(-0.01, 12);
    expect(left?.after).toBeCloseTo(0, 12);
    expect(left?.U.after).toBeLessThan(left?.U.before ?? 0);
    // Asking changes nothing.
    expect(faceAnswer(book, 'left')?.result.edge).toBeCloseTo(-0.01, 12);
    // A middle does not hang on the finder's size: only its ± may be otherwise.
    for (const { of, before, after } of changes)
      if (of !== 'z' && of.kind === 'middle') expect(after).toBeCloseTo(before, 9);
  });

  test('once it is taken the touches of before are reckoned by it, and what is found after that day is not', () => {
    const plan: Entry = {
      kind: 'datumPlan',
      setupId,
      version: 'a',
      began: 'first',
      body: { ...plateSnapshot.datumPlan, reckonedAs: LATER },
    };
    const after = spring({ what: 'size', value: 10.1 }, '2026-12-05T08:00:00.000Z');
    const book = open(...TOUCHED, today, plan, after);
    expect(faceAnswer(book, 'left')?.result.edge).toBeCloseTo(0, 12);
    expect(deriveStateAs(book, LATER).datumPlan.reckonedAs).toBe(LATER);
  });

  test('nothing was found since: nothing would be otherwise', () => {
    expect(recalculatedAnswers(open(...TOUCHED), LATER)).toEqual([]);
  });

  test('what was dropped since has nothing to take its place', () => {
    const dropped = spring({ what: 'void', why: 'dropped' }, '2026-12-02T08:00:00.000Z');
    expect(recalculatedAnswers(open(...TOUCHED, today, dropped), '2026-12-03T08:00:00.000Z')).toEqual([]);
  });
});
