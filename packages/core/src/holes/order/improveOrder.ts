import { chance, type Chance } from '../../metrology/chance';
import { chains, nearestNext } from './firstOrder';
import type { OrderJob } from './orderJob';
import { costOf, type StepCost } from './orderCost';

/** Places each place is tried next to. */
const NEIGHBOURS = 6;

/** Longest piece that is taken out and put in elsewhere. */
const LONGEST_PIECE = 3;

/** Longest stretch that is swapped with its neighbour. */
const LONGEST_STRETCH = 30;

/** Longest of the two pieces a kick swaps. */
const KICK = 30;

/** How often the search says how far it is. */
const REPORTS = 100;

/** What a change must gain to be one: less is the float's own noise, a reversal weighing as much as it does. */
const GAIN = 1e-6;

/** Tries by default: enough for the last per cent at 200 places, and under two seconds at 1000. */
const TRIES = {
  travel: (n: number) => Math.round(Math.min(12_000, 6e6 / n)),
  dials: (n: number) => Math.round(Math.min(4000, 1.4e6 / n)),
};

/**
 * A good order of many places: the better of two simple ones, improved until no reversing of a stretch and no moving of a
 * short piece helps, then kicked and improved again, each kick kept only where it helps (iterated local search).
 * Reversing a stretch is left out where there and back cost differently, as on dials.
 */
export function improveOrder(job: OrderJob, onProgress: (share: number) => boolean): number[] {
  const n = job.places.length;
  const cost = costOf(job);
  const search = createSearch(n, cost, job.cost.kind === 'travel');
  const starts = [nearestNext(n, cost), chains(job)];
  const total = (order: readonly number[]) =>
    order.reduce((sum, to, i) => sum + cost(i === 0 ? -1 : (order[i - 1] ?? -1), to), 0);
  const first = starts.reduce((best, one) => (total(one) < total(best) ? one : best));
  search.load(first);
  const dice = chance(job.seed ?? n);
  const tries = job.tries ?? TRIES[job.cost.kind](n);
  for (let i = 0; i < tries; i += 1) {
    search.kick(dice);
    if (i % Math.ceil(tries / REPORTS) === 0 && !onProgress(i / tries)) break;
  }
  return search.order();
}

/** Beyond this many places costs are worked out when asked for, not kept: a table would not fit. */
const MOST_KEPT = 2000;

/** Cost from node to node; node 0 is where the machine stands, node i + 1 is place i, the end is free. */
function nodeCost(n: number, cost: StepCost): StepCost {
  if (n > MOST_KEPT) return (a, b) => (b > n ? 0 : cost(a - 1, b - 1));
  const wide = n + 2;
  const table = new Float64Array(wide * wide);
  for (let a = 0; a <= n; a += 1) for (let b = 1; b <= n; b += 1) table[a * wide + b] = cost(a - 1, b - 1);
  return (a, b) => table[a * wide + b] ?? 0;
}

/** The tour in hand; it starts at node 0, ends at node n + 1, and each node knows its place in it. */
function createSearch(n: number, cost: StepCost, symmetric: boolean) {
  const d = nodeCost(n, cost);
  const tour = new Int32Array(n + 2);
  const pos = new Int32Array(n + 2);
  const keptTour = new Int32Array(n + 2);
  const keptPos = new Int32Array(n + 2);
  const onward = neighbours(n, d);
  const inward = symmetric ? onward : neighbours(n, (a, b) => d(b, a));
  /** Where a stretch lies while others move past it; one for all, since making many is dear. */
  const piece = new Int32Array(n + 2);
  const lift = (i: number, j: number): number => {
    for (let at = i; at <= j; at += 1) piece[at - i] = tour[at] ?? 0;
    return j - i + 1;
  };
  const queue: number[] = [];
  const queued = new Uint8Array(n + 2);
  const node = (at: number): number => tour[at] ?? 0;
  const where = (a: number): number => pos[a] ?? 0;
  const place = (at: number, a: number): void => {
    tour[at] = a;
    pos[a] = at;
  };
  const wake = (...nodes: number[]): void => {
    for (const a of nodes) {
      if (a > n || queued[a]) continue;
      queued[a] = 1;
      queue.push(a);
    }
  };

  /** Turns the stretch from one position to another round where that gains; what it gains, or 0. */
  function tryReverse(from: number, to: number): number {
    if (from < 1 || from >= to) return 0;
    const before = node(from - 1);
    const first = node(from);
    const last = node(to);
    const after = node(to + 1);
    const gain = d(before, first) + d(last, after) - d(before, last) - d(first, after);
    if (gain <= GAIN) return 0;
    for (let i = from, j = to; i < j; i += 1, j -= 1) {
      const a = node(i);
      place(i, node(j));
      place(j, a);
    }
    wake(before, first, last, after);
    return gain;
  }

  /** Moves the piece i..j between position k and the next, turned round where told; what it gains, or 0. */
  function tryShift(i: number, j: number, k: number, turned: boolean): number {
    if (i < 1 || j > n || k < 0 || k > n || (k >= i - 1 && k <= j)) return 0;
    const before = node(i - 1);
    const first = node(i);
    const last = node(j);
    const after = node(j + 1);
    const left = node(k);
    const right = node(k + 1);
    const gain =
      d(before, first) +
      d(last, after) +
      d(left, right) -
      d(before, after) -
      d(left, turned ? last : first) -
      d(turned ? first : last, right);
    if (gain <= GAIN) return 0;
    const length = lift(i, j);
    if (k > j) for (let at = j + 1; at <= k; at += 1) place(at - length, node(at));
    else for (let at = i - 1; at > k; at -= 1) place(at + length, node(at));
    const to = k > j ? k - length + 1 : k + 1;
    for (let at = 0; at < length; at += 1) place(to + at, piece[turned ? length - 1 - at : at] ?? 0);
    wake(before, first, last, after, left, right);
    return gain;
  }

  function swap(i: number, j: number, k: number): void {
    const length = lift(i, j);
    for (let at = j + 1; at <= k; at += 1) place(at - length, node(at));
    for (let at = 0; at < length; at += 1) place(k - length + 1 + at, piece[at] ?? 0);
  }

  /**
   * Swaps the stretch i..j with the one behind it, which ends at the first position between `from` and `to` where that
   * gains; what it gains, or 0.
   */
  function trySwap(i: number, j: number, from: number, to: number): number {
    const before = node(i - 1);
    const a = node(i);
    const b = node(j);
    const c = node(j + 1);
    const so = d(before, a) + d(b, c) - d(before, c);
    for (let k = from; k <= to; k += 1) {
      const e = node(k);
      const after = node(k + 1);
      const gain = so + d(e, after) - d(e, a) - d(b, after);
      if (gain <= GAIN) continue;
      swap(i, j, k);
      wake(before, a, b, c, e, after);
      return gain;
    }
    return 0;
  }

  /** Swaps a stretch from i with the one behind it that ends at `end`, parted anywhere near i; what it gains, or 0. */
  function tryPart(i: number, end: number): number {
    const before = node(i - 1);
    const a = node(i);
    const e = node(end);
    const after = node(end + 1);
    const so = d(before, a) + d(e, after) - d(e, a);
    const last = Math.min(i + LONGEST_STRETCH, end - 1);
    for (let j = i; j <= last; j += 1) {
      const b = node(j);
      const c = node(j + 1);
      const gain = so + d(b, c) - d(before, c) - d(b, after);
      if (gain <= GAIN) continue;
      swap(i, j, end);
      wake(before, a, b, c, e, after);
      return gain;
    }
    return 0;
  }

  /** Puts b right behind a: by turning a stretch round, or by moving a short piece that b leads or a ends. */
  function tryBehind(a: number, b: number): number {
    const i = where(a);
    const j = where(b);
    if (!symmetric && j > i + 1) return trySwap(i + 1, j - 1, j, Math.min(j + LONGEST_STRETCH, n));
    if (!symmetric) return j < i && j > 0 ? tryPart(j, i) : 0;
    let gain = i < j ? tryReverse(i + 1, j) : tryReverse(j, i - 1);
    for (let length = 0; length < LONGEST_PIECE && gain === 0; length += 1) {
      gain =
        tryShift(j, j + length, i, false) ||
        tryShift(i - length, i, j - 1, false) ||
        tryShift(j - length, j, i, true) ||
        tryShift(i, i + length, j - 1, true);
    }
    return gain;
  }

  /** One change that helps at node a; what it gains, or 0 where there is none. Only a cheaper step can help. */
  function improveAt(a: number): number {
    const out = d(a, node(where(a) + 1));
    for (const b of onward[a] ?? []) {
      if (d(a, b) >= out) break;
      const gain = tryBehind(a, b);
      if (gain > 0) return gain;
    }
    if (a === 0) return 0;
    const into = d(node(where(a) - 1), a);
    for (const b of inward[a] ?? []) {
      if (d(b, a) >= into) break;
      const gain = tryBehind(b, a);
      if (gain > 0) return gain;
    }
    return 0;
  }

  function settle(): number {
    let gained = 0;
    for (let a = queue.pop(); a !== undefined; a = queue.pop()) {
      queued[a] = 0;
      for (let gain = improveAt(a); gain > 0; gain = improveAt(a)) gained += gain;
    }
    return gained;
  }

  return {
    load: (order: readonly number[]) => {
      place(0, 0);
      order.forEach((one, i) => place(i + 1, one + 1));
      place(n + 1, n + 1);
      wake(...tour.subarray(0, n + 1));
      settle();
    },
    /** Swaps two neighbouring stretches, improves, and goes back where that was for nothing. */
    kick: (dice: Chance) => {
      const longest = Math.min(KICK, Math.floor(n / 2));
      const first = 1 + Math.floor(dice.next() * longest);
      const second = 1 + Math.floor(dice.next() * longest);
      const from = 1 + Math.floor(dice.next() * (n - first - second + 1));
      keptTour.set(tour);
      keptPos.set(pos);
      const before = node(from - 1);
      const a = node(from);
      const b = node(from + first - 1);
      const c = node(from + first);
      const e = node(from + first + second - 1);
      const after = node(from + first + second);
      const lost = d(before, c) + d(e, a) + d(b, after) - d(before, a) - d(b, c) - d(e, after);
      swap(from, from + first - 1, from + first + second - 1);
      wake(before, a, b, c, e, after);
      if (settle() < lost - GAIN) {
        tour.set(keptTour);
        pos.set(keptPos);
      }
    },
    order: () => Array.from(tour.subarray(1, n + 1), (a) => a - 1),
  };
}

/** For each node, the places it costs least to step to, cheapest first. */
function neighbours(n: number, cost: StepCost): Int32Array[] {
  const many = Math.min(NEIGHBOURS, n - 1);
  return Array.from({ length: n + 1 }, (_, a) => {
    const nearest = new Int32Array(many);
    const costs = new Float64Array(many).fill(Infinity);
    for (let b = 1; b <= n; b += 1) {
      const c = a === b ? Infinity : cost(a, b);
      if (c >= (costs[many - 1] ?? 0)) continue;
      let at = many - 1;
      for (; at > 0 && (costs[at - 1] ?? 0) > c; at -= 1) {
        costs[at] = costs[at - 1] ?? 0;
        nearest[at] = nearest[at - 1] ?? 0;
      }
      costs[at] = c;
      nearest[at] = b;
    }
    return nearest;
  });
}
