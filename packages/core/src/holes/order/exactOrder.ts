import type { StepCost } from './orderCost';

/** Most places whose best order is settled exactly: 12 × 2^12 states. */
export const MOST_EXACT = 12;

/** The cheapest order through all of `n` places from where the machine stands, ending anywhere (Held and Karp, 1962). */
export function exactOrder(n: number, cost: StepCost): number[] {
  if (n === 0) return [];
  const all = 1 << n;
  const best = new Float64Array(all * n).fill(Infinity);
  const before = new Int8Array(all * n).fill(-1);
  for (let to = 0; to < n; to += 1) best[(1 << to) * n + to] = cost(-1, to);
  for (let set = 1; set < all; set += 1) {
    for (let last = 0; last < n; last += 1) {
      const so = best[set * n + last] ?? Infinity;
      if (so === Infinity || !(set & (1 << last))) continue;
      for (let next = 0; next < n; next += 1) {
        if (set & (1 << next)) continue;
        const at = (set | (1 << next)) * n + next;
        const cheaper = so + cost(last, next);
        if (cheaper < (best[at] ?? Infinity)) {
          best[at] = cheaper;
          before[at] = last;
        }
      }
    }
  }
  let set = all - 1;
  let last = 0;
  for (let to = 1; to < n; to += 1)
    if ((best[set * n + to] ?? Infinity) < (best[set * n + last] ?? Infinity)) last = to;
  const order: number[] = [];
  while (last >= 0) {
    order.unshift(last);
    const from = before[set * n + last] ?? -1;
    set &= ~(1 << last);
    last = from;
  }
  return order;
}
