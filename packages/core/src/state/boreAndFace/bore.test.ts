import type { Bore } from '../../records/setup/cutPlan';
import { boreAnswer, boreLog, uMeasuring } from './bore';
import type { Entry } from '../../records/kinds/entry';
import { bookOf, plateSnapshot, sizeRead } from '../basis/snapshot.case';

const bore: Bore = {
  id: 'bearing',
  name: 'Bearing bore',
  low: 26,
  high: 26.021,
  counts: 'radius',
  step: 0.005,
  gaugeId: 'bore-gauge',
};

const gauge = { id: 'bore-gauge', name: 'Bore gauge', kind: 'bore-gauge' as const, nominal: 0, resolution: 0.001 };

const shop = bookOf({ ...plateSnapshot, gauges: [...plateSnapshot.gauges, gauge], cutPlan: { bores: [bore] } });

const size = (id: string, value: number, set?: number): Entry => ({
  kind: 'reading',
  setupId: shop.setup.id,
  body: {
    ...sizeRead(
      { kind: 'bore-size', of: 'bearing', ...(set !== undefined && { set, setText: String(set) }) },
      value,
      gauge.id,
    ),
    id,
  },
});

const log = [size('a', 25.4), size('b', 25.56, 25.6), size('c', 25.752, 25.8)];

describe('the log of a bore', () => {
  test('starts with what was measured before the first pass', () => {
    expect(boreAnswer(shop, bore).answer).toBeUndefined();
    expect(boreLog(bookOf(shop, log), 'bearing')).toMatchObject({
      start: 25.4,
      passes: [
        { set: 25.6, measured: 25.56 },
        { set: 25.8, measured: 25.752 },
      ],
    });
  });

  test('measured again without a cut, the later size counts', () => {
    const again = bookOf(shop, [...log, size('d', 25.75)]);
    expect(boreLog(again, 'bearing').passes.at(-1)).toEqual({ set: 25.8, measured: 25.75 });
  });

  test('a pass that is struck out counts no more, and stays in sight', () => {
    const struck = bookOf(shop, [
      ...log,
      { kind: 'strike', setupId: shop.setup.id, body: { id: 's', readingId: 'c', action: 'strike', reason: 'slip', at: '2026-11-25T09:00:00.000Z' } }, // prettier-ignore
    ]);
    expect(boreLog(struck, 'bearing').passes).toHaveLength(1);
    expect(boreLog(struck, 'bearing').readings).toHaveLength(3);
    expect(boreAnswer(struck, bore).answer?.result.learned).toBe('not-yet');
  });

  test('is reckoned with by its gauge, and a bore that shrank is said, not reckoned with', () => {
    expect(boreAnswer(bookOf(shop, log), bore).answer).toMatchObject({
      kind: 'bore',
      result: { k: expect.closeTo(0.8, 6) },
    });
    expect(boreAnswer(bookOf(shop, [...log, size('d', 25.5, 25.9)]), bore).refused).toMatch(
      /Pass 3 was measured smaller/,
    );
  });

  test('a gauge is as good as its kind and its digit together', () => {
    expect(uMeasuring(gauge)).toBeCloseTo(Math.hypot(0.002, 0.001 / Math.sqrt(12)), 9);
    expect(uMeasuring({ ...gauge, u: 0.005 })).toBeCloseTo(0.00501, 5);
  });
});
