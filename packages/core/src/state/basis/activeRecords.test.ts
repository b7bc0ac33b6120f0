import fc from 'fast-check';
import type { NewCalibration } from '../../records/shop/calibration';
import type { Entry } from '../../records/kinds/entry';
import { FIRST_EPOCH } from '../../records/values/place';
import type { TouchedSubject } from '../../records/values/subject';
import { gaugeAt, deriveState, type SetupState } from './setupState';
import { carriedIsLost, carriedRotation } from '../datum/partRotation';
import { currentEpoch, lastZeroing, passedOver, readingsOf } from './activeRecords';
import { faceAnswer } from '../datum/face';
import { zZeroAnswer } from '../zAndTools/zZero';
import { bookOf, dialRead, plateBook, plateSnapshot, presetDone, caseReading, rowOf } from './snapshot.case';
import { wildReadings } from '../checks/outliers';

const LEFT: TouchedSubject = { kind: 'face', face: 'left' };
const FRONT: TouchedSubject = { kind: 'face', face: 'front' };
const touch = (...of: Parameters<typeof caseReading>) => rowOf('reading', caseReading(...of));
const edge = (book: SetupState, face: 'left' | 'front' = 'left') => faceAnswer(book, face)?.result.edge;
const struck = (readingId: string) =>
  rowOf('strike', {
    id: `strike-${readingId}`,
    readingId,
    action: 'strike',
    reason: 'slip',
    at: '2026-11-24T10:00:00.000Z',
  });

const DAY = (n: number) => `2026-11-${String(n).padStart(2, '0')}T08:00:00.000Z`;

const measured = (day: number, value: number, gaugeId = 'spring'): Entry => {
  const body: NewCalibration = {
    id: `${gaugeId}-${day}`,
    of: { kind: 'gauge', gaugeId },
    found: { what: 'size', value },
    from: DAY(day),
    at: DAY(day),
  };
  return { kind: 'calibration', setupId: '', body };
};

describe('what was struck out', () => {
  test('on a wrong scale gives the earlier answer back', () => {
    const right = touch(LEFT, -5.01);
    const wrong = touch(LEFT, 212.4, { scale: 'incremental', id: 'wrong' });
    expect(edge(bookOf(plateSnapshot, [right, wrong]))).toBeCloseTo(217.4, 9);
    expect(edge(bookOf(plateSnapshot, [right, wrong, struck('wrong')]))).toBeCloseTo(-0.01, 9);
  });

  test('in a new epoch gives the answer of the one before back', () => {
    const set = rowOf('zeroing', presetDone(LEFT, 'x', -5, 'x-2'));
    const entries = [touch(LEFT, 31.2), set, touch(LEFT, 99, { epoch: 'x-2', id: 'slip' })];
    expect(edge(bookOf(plateSnapshot, entries))).toBeCloseTo(104, 9);
    expect(edge(bookOf(plateSnapshot, [...entries, struck('slip')]))).toBeCloseTo(36.2, 9);
  });

  test('stays in sight where nothing else was touched', () => {
    const book = bookOf(plateSnapshot, [touch(LEFT, -5.01, { id: 'only' }), struck('only')]);
    expect(readingsOf(book, LEFT)).toMatchObject([{ id: 'only', struckReason: 'slip' }]);
    expect(edge(book)).toBeUndefined();
  });
});

describe('a gauge is what it was known to be when it touched', () => {
  const touched = [touch(LEFT, -5, { takenAt: DAY(10) })];

  test('measured again today it moves no datum of last month', () => {
    expect(edge(bookOf(plateSnapshot, touched))).toBe(0);
    expect(edge(bookOf(plateSnapshot, [...touched, measured(20, 9.9)]))).toBe(0);
  });

  test('what is touched after it uses the new size', () => {
    const later = touch(LEFT, -5, { takenAt: DAY(21) });
    expect(edge(bookOf(plateSnapshot, [...touched, measured(20, 9.9), later]))).toBeCloseTo(-0.05, 9);
  });

  test('a size that was wrong from the start is put right for all of them', () => {
    expect(edge(bookOf(plateSnapshot, [...touched, measured(1, 9.9)]))).toBeCloseTo(-0.05, 9);
  });

  test('today’s size is the latest, whatever order they came in', () => {
    fc.assert(
      fc.property(fc.shuffledSubarray([3, 9, 14, 22], { minLength: 1 }), (days) => {
        const book = bookOf(
          plateSnapshot,
          days.map((day) => measured(day, 9 + day / 100)),
        );
        const newest = Math.max(...days);
        expect(book.gauges.find(({ id }) => id === 'spring')?.measured).toBe(9 + newest / 100);
        const known = days.filter((day) => day <= 12);
        const then = known.length > 0 ? 9 + Math.max(...known) / 100 : undefined;
        expect(gaugeAt(book, 'spring', DAY(12))?.measured).toBe(then);
      }),
    );
  });
});

describe('two devices that set one axis', () => {
  const a = rowOf('zeroing', presetDone(LEFT, 'x', -5, 'mine', { at: DAY(20) }));
  const b = rowOf('zeroing', presetDone(LEFT, 'x', 0, 'theirs', { at: DAY(21) }));

  test('open two epochs: the later counts, the other stays visible', () => {
    for (const entries of [
      [a, b],
      [b, a],
    ]) {
      const book = bookOf(plateSnapshot, entries);
      expect(currentEpoch(book, 'x')).toBe('theirs');
      expect(lastZeroing(book, 'x')?.value).toBe(0);
      expect(passedOver(book, 'x')).toMatchObject([{ value: -5 }]);
    }
  });

  test('one after the other passes nothing over', () => {
    const after = rowOf('zeroing', presetDone(LEFT, 'x', 0, 'theirs', { at: DAY(21), began: 'mine' }));
    expect(passedOver(bookOf(plateSnapshot, [a, after]), 'x')).toEqual([]);
  });

  test('readings of the two never mix', () => {
    const entries = [a, b, touch(LEFT, -5.02, { epoch: 'mine' }), touch(LEFT, 0.01, { epoch: 'theirs' })];
    expect(faceAnswer(bookOf(plateSnapshot, entries), 'left')?.readings).toMatchObject([{ value: 0.01 }]);
  });
});

test('readings at another index of a rotary axis are of another place', () => {
  const upright = touch(LEFT, -5.01);
  const tilted = caseReading(LEFT, -7.3);
  const book = bookOf(plateSnapshot, [
    upright,
    rowOf('reading', { ...tilted, place: { scale: 'readout', index: { A: 90 } } }),
  ]);
  expect(faceAnswer(book, 'left')?.readings).toMatchObject([{ value: -7.3 }]);
});

test('a setting of another work offset leaves the one in hand unset', () => {
  const onRouter = { ...plateSnapshot, setup: { ...plateSnapshot.setup, workOffset: 'second' } };
  const other = rowOf(
    'zeroing',
    presetDone(LEFT, 'x', -300, 'x', {
      form: 'work-offset',
      opens: undefined,
      place: { scale: 'readout', workOffset: 'first' },
    }),
  );
  expect(lastZeroing(bookOf(onRouter, [other]), 'x')).toBeUndefined();
  expect(lastZeroing(bookOf(plateSnapshot, [other]), 'x')?.value).toBe(-300);
});

test('a result of the control’s cycle has the ball off already: no radius is taken again', () => {
  const byControl = caseReading(LEFT, -0.012, { source: { by: 'control', text: '-0.012', unit: 'mm' } });
  expect(edge(bookOf(plateSnapshot, [rowOf('reading', byControl)]))).toBeCloseTo(-0.012, 12);
});

describe('a turn that is carried', () => {
  const ids = ['f1', 'f2', 'l1'];
  const touches = [
    touch(FRONT, -6.8121, { id: 'f1', across: { text: '15', value: 15 } }),
    touch(FRONT, -5.9568, { id: 'f2', across: { text: '155', value: 155 } }),
    touch(LEFT, -1.9167, { id: 'l1', across: { text: '20', value: 20 } }),
  ];
  const plan = {
    ...plateSnapshot.datumPlan,
    ways: { 'corner.front-left': 'square' as const },
    carried: { from: 'corner.front-left', readings: ids },
  };
  const carrying = { ...plateSnapshot, datumPlan: plan };

  test('is that of the touches it came from, whatever is touched since', () => {
    const before = carriedRotation(bookOf(carrying, touches))?.angle;
    expect(before).toBeCloseTo(0.35, 3);
    const set = rowOf('zeroing', presetDone(FRONT, 'y', 0, 'y-2'));
    const again = touch(FRONT, -5, { epoch: 'y-2', id: 'later' });
    expect(carriedRotation(bookOf(carrying, [...touches, set, again]))?.angle).toBe(before);
  });

  test('goes with them when they are struck out', () => {
    const book = bookOf(carrying, [...touches, struck('f2')]);
    expect(carriedRotation(book)).toBeUndefined();
    expect(carriedIsLost(book)).toBe(true);
    expect(carriedIsLost(bookOf(carrying, touches))).toBe(false);
  });
});

test('heights use the shop’s own repeatability once the log has it', () => {
  const touched = [touch({ kind: 'z-zero', tool: 1 }, 37.42)];
  const U = (snapshot: typeof plateSnapshot) => zZeroAnswer(bookOf(snapshot, touched))?.result.uncertainty.U ?? NaN;
  const known = { ...plateSnapshot, repeatability: [{ gaugeId: 'block', sd: 0.002, dof: 20, readings: 24 }] };
  expect(U(known)).toBeLessThan(U(plateSnapshot));
});

describe('readings that stand apart', () => {
  test('are found in whatever was touched: a tool, a dial, a face', () => {
    const tool = [37.42, 37.425, 38.42].map((z, i) => touch({ kind: 'z-zero', tool: 1 }, z, { id: `z${i}` }));
    const face = [-5.01, -5.012, -4.01].map((x, i) => touch(LEFT, x, { id: `x${i}` }));
    const dial = [0.01, 0.011, 0.3].map((mm, i) =>
      rowOf('reading', { ...dialRead({ kind: 'alignment', task: 'vise', place: 0, pass: 1 }, mm), id: `d${i}` }),
    );
    expect([...wildReadings(bookOf(plateSnapshot, [...tool, ...face, ...dial]))].sort()).toEqual(['d2', 'x2', 'z2']);
  });

  test('are not looked for between two places, faces or zeros', () => {
    const set = rowOf('zeroing', presetDone(LEFT, 'x', -5, 'x-2'));
    const mixed = [
      touch(LEFT, 1),
      touch(FRONT, 50),
      touch(LEFT, 100, { across: { text: '9', value: 9 } }),
      set,
      touch(LEFT, 7, { epoch: 'x-2' }),
    ];
    expect(wildReadings(bookOf(plateSnapshot, mixed)).size).toBe(0);
  });
});

test('the same snapshot gives the same book, and a change of it another', () => {
  const [first, second, third] = [{ ...plateSnapshot }, { ...plateSnapshot }, { ...plateSnapshot }];
  const book = deriveState(first);
  expect(deriveState(first)).toBe(book);
  expect(deriveState(second)).not.toBe(book);
  expect(deriveState(first)).toBe(book);
  // Two of a setup are kept at hand, no more.
  deriveState(third);
  deriveState(second);
  expect(deriveState(first)).not.toBe(book);
  expect(currentEpoch(plateBook, 'x')).toBe(FIRST_EPOCH);
});
