import { EMPTY_DATUM_PLAN } from '../../records/setup/datumPlan';
import type { NewCalibration } from '../../records/shop/calibration';
import { newCalibration } from '../../records/shop/calibration.schema';
import type { RowEntry } from '../../records/kinds/entry';
import type { Snapshot } from '../../records/snapshots/snapshot';
import { agreements } from '../checks/agreements';
import { springKept } from '../basis/setupState';
import { bookOf, plateSnapshot, caseReading, rowOf, withTools } from '../basis/snapshot.case';
import { faceAnswer } from '../datum/face';
import { depthTolerance, toolLengthAnswer, zZeroAnswer } from '../zAndTools/zZero';

const MORNING = '2026-11-24T08:00:00.000Z';
const drill = { id: 'drill-6', number: 4, name: 'Drill 6', diameter: 6, kind: 'drill' as const };
const FEELER = { id: 'leaf', name: 'Feeler', kind: 'feeler' as const, nominal: 0.1 };

const shop: Snapshot = {
  ...plateSnapshot,
  ...withTools([drill]),
  gauges: [...plateSnapshot.gauges, FEELER],
};

const left = (value: number, change: Parameters<typeof caseReading>[2] = {}) =>
  rowOf('reading', caseReading({ kind: 'face', face: 'left' }, value, change));

const size = (of: NewCalibration['of'], value: number, from: string, U?: number): RowEntry => ({
  kind: 'calibration',
  setupId: '',
  body: {
    id: `size-${value * 1000}-${from.slice(8, 10)}`,
    of,
    found: { what: 'size', value, ...(U !== undefined && { U }) },
    from,
    at: from,
  },
});

const leftFace = (snapshot: Snapshot, ...entries: RowEntry[]) => faceAnswer(bookOf(snapshot, entries), 'left')?.result;

const part = (result: { uncertainty: { parts: { name: string; u: number }[] } } | undefined, name: string) =>
  result?.uncertainty.parts.find((one) => one.name === name)?.u;

describe('any cutter or drill with a feeler', () => {
  const touch = left(-3.1, { gaugeId: 'leaf', tool: 4, cutterId: 'drill-6' });

  test('touches with half its diameter and the feeler', () => {
    expect(leftFace(shop, touch)?.edge).toBeCloseTo(0, 12);
  });

  test('as it measures, from the moment it was measured on', () => {
    const cutter = { kind: 'cutter', cutterId: 'drill-6' } as const;
    expect(leftFace(shop, touch, size(cutter, 5.96, MORNING))?.edge).toBeCloseTo(-0.02, 12);
    expect(leftFace(shop, touch, size(cutter, 5.96, '2026-11-25T08:00:00.000Z'))?.edge).toBeCloseTo(0, 12);
  });

  test('marked only, it is known worse than measured', () => {
    const measured = leftFace(shop, touch, size({ kind: 'cutter', cutterId: 'drill-6' }, 6, MORNING, 0.008));
    expect(part(leftFace(shop, touch), 'size of the finder')).toBeCloseTo(Math.hypot(0.005, 0.01), 12);
    expect(part(measured, 'size of the finder')).toBeCloseTo(Math.hypot(0.005, 0.002), 12);
  });

  test('measured between two touches, they are touches of two contacts', () => {
    const before = left(-3.1, { gaugeId: 'leaf', tool: 4, cutterId: 'drill-6', takenAt: '2026-11-24T07:00:00.000Z' });
    const measured = size({ kind: 'cutter', cutterId: 'drill-6' }, 5.96, MORNING);
    expect(leftFace(shop, before, touch, measured)?.repeats.n).toBe(1);
    expect(leftFace(shop, before, touch)?.repeats.n).toBe(2);
  });

  test('a cutter has a size, and no run-out', () => {
    const body = size({ kind: 'cutter', cutterId: 'drill-6' }, 6, MORNING).body as NewCalibration;
    expect(newCalibration.safeParse(body).success).toBe(true);
    const other = newCalibration.safeParse({ ...body, found: { what: 'run-out', value: 0.01 } });
    expect(other.error?.issues[0]?.message).toMatch(/of a cutter its size or spring/);
  });
});

describe('a gauge’s own U', () => {
  test('takes the place of its kind’s default, half of it for a diameter', () => {
    expect(part(leftFace(shop, left(-5)), 'size of the finder')).toBe(0.003);
    const spring = size({ kind: 'gauge', gaugeId: 'spring' }, 10.01, MORNING, 0.004);
    expect(part(leftFace(shop, left(-5), spring), 'size of the finder')).toBeCloseTo(0.001, 12);
  });

  test('of a block is in Z, all of it', () => {
    const zero = rowOf('reading', caseReading({ kind: 'z-zero', tool: 1 }, -40));
    const block = size({ kind: 'gauge', gaugeId: 'block' }, 10, MORNING, 0.012);
    expect(part(zZeroAnswer(bookOf(shop, [zero, block]))?.result, 'size of the finder')).toBeCloseTo(0.006, 12);
  });
});

describe('the step really moved by', () => {
  const jogged = (steps: Record<string, number>): Snapshot => ({
    ...shop,
    datumPlan: { ...EMPTY_DATUM_PLAN, movedBy: steps },
  });

  test('is what was read, where it is coarser than the display', () => {
    expect(part(leftFace(jogged({ spring: 0.1 }), left(-5)), 'display step')).toBeCloseTo(0.1 / Math.sqrt(12), 12);
    expect(part(leftFace(jogged({ spring: 0.001 }), left(-5)), 'display step')).toBeCloseTo(0.005 / Math.sqrt(12), 12);
  });

  test('is of one gauge, not of another', () => {
    expect(part(leftFace(jogged({ pin: 0.1 }), left(-5)), 'display step')).toBeCloseTo(0.005 / Math.sqrt(12), 12);
  });
});

describe('a search by steps', () => {
  const zero = rowOf('reading', caseReading({ kind: 'z-zero', tool: 1 }, -40));
  const with_ = (heights: object, ...more: RowEntry[]) =>
    bookOf({ ...shop, datumPlan: { ...EMPTY_DATUM_PLAN, heights: { surface: 0, lift: 0, ...heights } } }, [
      zero,
      ...more,
    ]);

  test('adds half of the last step to what Z is set to', () => {
    const result = zZeroAnswer(with_({ step: 0.1 }))?.result;
    expect(result?.setZ).toBeCloseTo(10.05, 12);
    expect(result?.notes).toEqual([]);
  });

  test('with the gauge’s own size kept says that it cuts shallow by up to the step', () => {
    const result = zZeroAnswer(with_({ step: 0.1, keepsGauge: true }))?.result;
    expect(result?.setZ).toBe(10);
    expect(result?.notes).toEqual([{ code: 'search-one-sided', step: 0.1 }]);
    expect(result?.uncertainty.U).toBeGreaterThan(0.095);
  });

  test('is in a tool’s length twice and moves it by nothing', () => {
    const length = toolLengthAnswer(
      with_({ step: 0.1 }, rowOf('reading', caseReading({ kind: 'tool-length', tool: 4 }, -52))),
      4,
    );
    expect(length?.result.offset).toBeCloseTo(-12, 12);
    expect(length?.result.uncertainty.parts.filter(({ name }) => name.startsWith('step of the search'))).toHaveLength(
      2,
    );
  });

  test('is judged by what depths may be off, once that was told', () => {
    expect(depthTolerance(with_({}))).toBe(0.1);
    expect(depthTolerance(with_({ tolerance: 0.4 }))).toBe(0.4);
    expect(zZeroAnswer(with_({ step: 0.1, tolerance: 0.01 }))?.result.verdict).toBe('poor');
    expect(zZeroAnswer(with_({ step: 0.1, tolerance: 0.4 }))?.result.verdict).toBe('good');
  });
});

test('a width is stated with its own ±, and the comparison with another', () => {
  const right = rowOf('reading', caseReading({ kind: 'face', face: 'right' }, 189.003));
  const [width] = agreements(bookOf(shop, [left(-5), right])).filter(({ of }) => of === 'width');
  expect(width?.measured).toBeCloseTo(184.003, 9);
  expect(width?.measuredU).toBeLessThan(0.03);
  expect(width?.U).toBeGreaterThan(0.05);
  expect(width?.U).toBeCloseTo(Math.hypot(width?.measuredU ?? 0, 0.05), 12);
});

test('the spring of a bar is offered for a bore with it sticking out as far, in the same material', () => {
  const spring = (stickOut: number, material: string): RowEntry => ({
    kind: 'calibration',
    setupId: '',
    body: {
      id: 'spring',
      of: { kind: 'cutter', cutterId: 'drill-6' },
      found: { what: 'spring', k: 0.84, c: 0.002, stickOut, material },
      from: MORNING,
      at: MORNING,
    },
  });
  const book = bookOf(shop, [spring(60, 'brass')]);
  expect(springKept(book, { bar: 'drill-6', stickOut: 62 })).toMatchObject({ k: 0.84 });
  expect(springKept(book, { bar: 'drill-6', stickOut: 80 })).toBeUndefined();
  expect(springKept(book, { bar: 'drill-6', stickOut: undefined })).toBeUndefined();
  const unnamed = { ...shop, part: { ...shop.part, material: '' } };
  expect(springKept(bookOf(unnamed, [spring(60, '')]), { bar: 'drill-6', stickOut: 60 })).toBeUndefined();
  expect(springKept(bookOf(shop, [spring(60, 'steel')]), { bar: 'drill-6', stickOut: 60 })).toBeUndefined();
});
