import { chance } from '../../metrology/chance';
import type { DialAxis } from '../dials/dialMoves';
import { bestOrder, orderCost } from './order';
import type { OrderJob } from './orderJob';

const axis = (backlash: number, approach: 1 | -1): DialAxis => ({
  dial: { perTurn: 3, lines: 120 },
  backlash,
  approach,
});
const DIALS: OrderJob['cost'] = { kind: 'dials', x: axis(0.18, 1), y: axis(0.22, -1) };

const someJob = (seed: number, n: number, cost: OrderJob['cost']): OrderJob => {
  const dice = chance(seed);
  return {
    places: Array.from({ length: n }, () => ({ x: dice.between(0, 184), y: dice.between(0, 116) })),
    start: { x: 0, y: 0 },
    cost,
  };
};

/** The cheapest of all orders there are, by trying every one that is not dearer already. */
function bruteForce(job: OrderJob): number {
  const n = job.places.length;
  const first = job.places.map((_, to) => orderCost(job, [to]));
  const step = job.places.map((_, from) => job.places.map((_, to) => orderCost(job, [from, to]) - (first[from] ?? 0)));
  let best = Infinity;
  const go = (so: number, last: number, left: number[]): void => {
    if (left.length === 0) best = Math.min(best, so);
    for (const to of left) {
      const next = so + ((last < 0 ? first[to] : step[last]?.[to]) ?? NaN);
      if (next < best)
        go(
          next,
          to,
          left.filter((one) => one !== to),
        );
    }
  };
  go(
    0,
    -1,
    Array.from({ length: n }, (_, i) => i),
  );
  return best;
}

describe('the order to drive to holes in', () => {
  test('up to nine holes: as good as trying every order, on dials and by travel, 500 sets', () => {
    for (let seed = 1; seed <= 500; seed += 1) {
      const job = someJob(seed, 1 + (seed % 9), seed % 2 ? DIALS : { kind: 'travel' });
      const { order, exact } = bestOrder(job);
      expect(exact).toBe(true);
      expect(new Set(order).size).toBe(job.places.length);
      expect(orderCost(job, order)).toBeCloseTo(bruteForce(job), 6);
    }
  });

  test('beyond twelve the search comes to what is proven, where it can still be proven', () => {
    for (let seed = 1; seed <= 20; seed += 1) {
      const cost: OrderJob['cost'] = seed % 2 ? DIALS : { kind: 'travel' };
      const twelve = someJob(seed, 12, cost);
      // A thirteenth on top of where it starts costs nothing, and takes the search instead of the proof.
      const { order, exact } = bestOrder({ ...twelve, places: [...twelve.places, twelve.start] });
      expect(exact).toBe(false);
      const proven = orderCost(twelve, bestOrder(twelve).order);
      expect(orderCost({ ...twelve, places: [...twelve.places, twelve.start] }, order)).toBeCloseTo(proven, 6);
    }
  });

  test('many holes: every one once, better than by their numbers, the same each time', () => {
    for (const cost of [DIALS, { kind: 'travel' } as const]) {
      const job = { ...someJob(3, 150, cost), tries: 400 };
      const { order } = bestOrder(job);
      expect([...order].sort((a, b) => a - b)).toEqual(job.places.map((_, i) => i));
      expect(orderCost(job, order)).toBeLessThan(
        orderCost(
          job,
          job.places.map((_, i) => i),
        ) / 3,
      );
      expect(bestOrder(job).order).toEqual(order);
    }
  });

  test('it says how far it is, and stops when told with all holes in it', () => {
    const shares: number[] = [];
    const { order } = bestOrder(someJob(5, 60, { kind: 'travel' }), (share) => {
      shares.push(share);
      return shares.length < 4;
    });
    expect(shares).toHaveLength(4);
    expect(shares).toEqual([...shares].sort((a, b) => a - b));
    expect(new Set(order).size).toBe(60);
  });

  test('a row and its way back: dials go once along it, one reversal at most for each axis', () => {
    const places = [40, 10, 30, 20].map((x) => ({ x, y: 5 }));
    expect(bestOrder({ places, start: { x: 0, y: 0 }, cost: { ...DIALS, y: axis(0.2, 1) } }).order).toEqual([
      1, 3, 2, 0,
    ]);
  });
});
