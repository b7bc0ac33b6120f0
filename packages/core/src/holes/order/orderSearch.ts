import type { Chance } from '../../metrology/chance';
import type { StepCost } from './orderCost';

/** Places each place is tried next to. */
const NEIGHBOURS = 6;

/** Longest piece that is taken out and put in elsewhere. */
const LONGEST_PIECE = 3;

/** Longest stretch that is swapped with its neighbour. */
const LONGEST_STRETCH = 30;

/** Longest of the two pieces a kick swaps. */
const KICK = 30;

/** What a change must gain to be one: less is the float's own noise, a reversal weighing as much as it does. */
const GAIN = 1e-6;

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
export interface OrderSearch {
  readonly n: number;
  readonly d: StepCost;
  /** There and back cost alike. */
  readonly symmetric: boolean;
  readonly tour: Int32Array;
  readonly pos: Int32Array;
  readonly keptTour: Int32Array;
  readonly keptPos: Int32Array;
  /** Nodes each node is tried next to, going on and coming in. */
  readonly onward: ReturnType<typeof neighbours>;
  readonly inward: ReturnType<typeof neighbours>;
  /** Where a stretch lies while others move past it; one for all, since making many is dear. */
  readonly piece: Int32Array;
  readonly queue: number[];
  readonly queued: Uint8Array;
}

export function startSearch(n: number, cost: StepCost, symmetric: boolean): OrderSearch {
  const d = nodeCost(n, cost);
  const onward = neighbours(n, d);
  return {
    n,
    d,
    symmetric,
    tour: new Int32Array(n + 2),
    pos: new Int32Array(n + 2),
    keptTour: new Int32Array(n + 2),
    keptPos: new Int32Array(n + 2),
    onward,
    inward: symmetric ? onward : neighbours(n, (a, b) => d(b, a)),
    piece: new Int32Array(n + 2),
    queue: [],
    queued: new Uint8Array(n + 2),
  };
}

const node = ({ tour }: OrderSearch, at: number): number => tour[at] ?? 0;

const where = ({ pos }: OrderSearch, a: number): number => pos[a] ?? 0;

function place({ tour, pos }: OrderSearch, at: number, a: number): void {
  tour[at] = a;
  pos[a] = at;
}

/** Takes a stretch up into `piece`; gives its length. */
function lift({ piece, tour }: OrderSearch, i: number, j: number): number {
  for (let at = i; at <= j; at += 1) piece[at - i] = tour[at] ?? 0;
  return j - i + 1;
}

/** Nodes that changes may help at again. */
function wake({ n, queue, queued }: OrderSearch, ...nodes: number[]): void {
  for (const a of nodes) {
    if (a > n || queued[a]) continue;
    queued[a] = 1;
    queue.push(a);
  }
}

/** Begins with an order. */
export function loadOrder(search: OrderSearch, order: readonly number[]): void {
  const { n, tour } = search;
  place(search, 0, 0);
  order.forEach((one, i) => place(search, i + 1, one + 1));
  place(search, n + 1, n + 1);
  wake(search, ...tour.subarray(0, n + 1));
  settle(search);
}

/** Swaps two neighbouring stretches, improves, and goes back where that was for nothing. */
export function kickSearch(search: OrderSearch, dice: Chance): void {
  const { d, n, tour, pos, keptTour, keptPos } = search;
  const longest = Math.min(KICK, Math.floor(n / 2));
  const first = 1 + Math.floor(dice.next() * longest);
  const second = 1 + Math.floor(dice.next() * longest);
  const from = 1 + Math.floor(dice.next() * (n - first - second + 1));
  keptTour.set(tour);
  keptPos.set(pos);
  const before = node(search, from - 1);
  const a = node(search, from);
  const b = node(search, from + first - 1);
  const c = node(search, from + first);
  const e = node(search, from + first + second - 1);
  const after = node(search, from + first + second);
  const lost = d(before, c) + d(e, a) + d(b, after) - d(before, a) - d(b, c) - d(e, after);
  swap(search, from, from + first - 1, from + first + second - 1);
  wake(search, before, a, b, c, e, after);
  if (settle(search) < lost - GAIN) {
    tour.set(keptTour);
    pos.set(keptPos);
  }
}

/** Turns the stretch from one position to another round where that gains; what it gains, or 0. */
function tryReverse(search: OrderSearch, from: number, to: number): number {
  const { d } = search;
  if (from < 1 || from >= to) return 0;
  const before = node(search, from - 1);
  const first = node(search, from);
  const last = node(search, to);
  const after = node(search, to + 1);
  const gain = d(before, first) + d(last, after) - d(before, last) - d(first, after);
  if (gain <= GAIN) return 0;
  for (let i = from, j = to; i < j; i += 1, j -= 1) {
    const a = node(search, i);
    place(search, i, node(search, j));
    place(search, j, a);
  }
  wake(search, before, first, last, after);
  return gain;
}

/** Moves the piece i..j between position k and the next, turned round where told; what it gains, or 0. */
function tryShift(search: OrderSearch, i: number, j: number, k: number, turned: boolean): number {
  const { d, n, piece } = search;
  if (i < 1 || j > n || k < 0 || k > n || (k >= i - 1 && k <= j)) return 0;
  const before = node(search, i - 1);
  const first = node(search, i);
  const last = node(search, j);
  const after = node(search, j + 1);
  const left = node(search, k);
  const right = node(search, k + 1);
  const gain =
    d(before, first) +
    d(last, after) +
    d(left, right) -
    d(before, after) -
    d(left, turned ? last : first) -
    d(turned ? first : last, right);
  if (gain <= GAIN) return 0;
  const length = lift(search, i, j);
  if (k > j) for (let at = j + 1; at <= k; at += 1) place(search, at - length, node(search, at));
  else for (let at = i - 1; at > k; at -= 1) place(search, at + length, node(search, at));
  const to = k > j ? k - length + 1 : k + 1;
  for (let at = 0; at < length; at += 1) place(search, to + at, piece[turned ? length - 1 - at : at] ?? 0);
  wake(search, before, first, last, after, left, right);
  return gain;
}

function swap(search: OrderSearch, i: number, j: number, k: number): void {
  const { piece } = search;
  const length = lift(search, i, j);
  for (let at = j + 1; at <= k; at += 1) place(search, at - length, node(search, at));
  for (let at = 0; at < length; at += 1) place(search, k - length + 1 + at, piece[at] ?? 0);
}

/**
 * Swaps the stretch i..j with the one behind it, which ends at the first position between `from` and `to` where that
 * gains; what it gains, or 0.
 */
function trySwap(search: OrderSearch, i: number, j: number, from: number, to: number): number {
  const { d } = search;
  const before = node(search, i - 1);
  const a = node(search, i);
  const b = node(search, j);
  const c = node(search, j + 1);
  const so = d(before, a) + d(b, c) - d(before, c);
  for (let k = from; k <= to; k += 1) {
    const e = node(search, k);
    const after = node(search, k + 1);
    const gain = so + d(e, after) - d(e, a) - d(b, after);
    if (gain <= GAIN) continue;
    swap(search, i, j, k);
    wake(search, before, a, b, c, e, after);
    return gain;
  }
  return 0;
}

/** Swaps a stretch from i with the one behind it that ends at `end`, parted anywhere near i; what it gains, or 0. */
function tryPart(search: OrderSearch, i: number, end: number): number {
  const { d } = search;
  const before = node(search, i - 1);
  const a = node(search, i);
  const e = node(search, end);
  const after = node(search, end + 1);
  const so = d(before, a) + d(e, after) - d(e, a);
  const last = Math.min(i + LONGEST_STRETCH, end - 1);
  for (let j = i; j <= last; j += 1) {
    const b = node(search, j);
    const c = node(search, j + 1);
    const gain = so + d(b, c) - d(before, c) - d(b, after);
    if (gain <= GAIN) continue;
    swap(search, i, j, end);
    wake(search, before, a, b, c, e, after);
    return gain;
  }
  return 0;
}

/** Puts b right behind a: by turning a stretch round, or by moving a short piece that b leads or a ends. */
function tryBehind(search: OrderSearch, a: number, b: number): number {
  const { n, symmetric } = search;
  const i = where(search, a);
  const j = where(search, b);
  if (!symmetric && j > i + 1) return trySwap(search, i + 1, j - 1, j, Math.min(j + LONGEST_STRETCH, n));
  if (!symmetric) return j < i && j > 0 ? tryPart(search, j, i) : 0;
  let gain = i < j ? tryReverse(search, i + 1, j) : tryReverse(search, j, i - 1);
  for (let length = 0; length < LONGEST_PIECE && gain === 0; length += 1) {
    gain =
      tryShift(search, j, j + length, i, false) ||
      tryShift(search, i - length, i, j - 1, false) ||
      tryShift(search, j - length, j, i, true) ||
      tryShift(search, i, i + length, j - 1, true);
  }
  return gain;
}

/** One change that helps at node a; what it gains, or 0 where there is none. Only a cheaper step can help. */
function improveAt(search: OrderSearch, a: number): number {
  const { d, onward, inward } = search;
  const out = d(a, node(search, where(search, a) + 1));
  for (const b of onward[a] ?? []) {
    if (d(a, b) >= out) break;
    const gain = tryBehind(search, a, b);
    if (gain > 0) return gain;
  }
  if (a === 0) return 0;
  const into = d(node(search, where(search, a) - 1), a);
  for (const b of inward[a] ?? []) {
    if (d(b, a) >= into) break;
    const gain = tryBehind(search, b, a);
    if (gain > 0) return gain;
  }
  return 0;
}

function settle(search: OrderSearch): number {
  const { queue, queued } = search;
  let gained = 0;
  for (let a = queue.pop(); a !== undefined; a = queue.pop()) {
    queued[a] = 0;
    for (let gain = improveAt(search, a); gain > 0; gain = improveAt(search, a)) gained += gain;
  }
  return gained;
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
