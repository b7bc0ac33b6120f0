import type { OrderJob } from './orderJob';
import type { StepCost } from './orderCost';

/** From where the machine stands always on to the place that costs least. */
export function nearestNext(n: number, cost: StepCost): number[] {
  const left = Array.from({ length: n }, (_, i) => i);
  const order: number[] = [];
  let from = -1;
  while (left.length > 0) {
    let best = 0;
    for (let i = 1; i < left.length; i += 1) if (cost(from, left[i] ?? 0) < cost(from, left[best] ?? 0)) best = i;
    from = left[best] ?? 0;
    left[best] = left[left.length - 1] ?? 0;
    left.pop();
    order.push(from);
  }
  return order;
}

/**
 * Places split into as few chains as there can be in which both axes only ever go their approach way (greedy cover of the
 * dominance order, which is a smallest one, after Dilworth), one chain after the other.
 */
export function chains({ places, cost }: OrderJob): number[] {
  const [ax, ay] = cost.kind === 'dials' ? [cost.x.approach, cost.y.approach] : [1, 1];
  const order = places.map((_, i) => i);
  const at = (i: number) => ({ x: ax * (places[i]?.x ?? 0), y: ay * (places[i]?.y ?? 0) });
  order.sort((a, b) => at(a).x - at(b).x || at(a).y - at(b).y);
  const found: number[][] = [];
  for (const one of order) {
    // The chain that ends closest below takes it, so that lower ones stay open for what comes.
    let best: number[] | undefined;
    let bestEnd = -Infinity;
    for (const chain of found) {
      const end = at(chain[chain.length - 1] ?? 0).y;
      if (end <= at(one).y && end > bestEnd) [best, bestEnd] = [chain, end];
    }
    if (best) best.push(one);
    else found.push([one]);
  }
  return found.flat();
}
