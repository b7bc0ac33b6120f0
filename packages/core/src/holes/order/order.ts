import { exactOrder, MOST_EXACT } from './exactOrder';
import { improveOrder } from './improveOrder';
import { costOf } from './orderCost';
import type { OrderJob } from './orderJob';

export interface FoundOrder {
  /** Indexes of `places` in the order to drive to them. */
  order: number[];
  /** Whether no order is better. */
  exact: boolean;
}

/**
 * The best order to drive to places in, from `start`, ending anywhere: proven for up to 12 (dynamic programming over
 * subsets, after Held and Karp), found by local search with kicks beyond (2-opt and segment insertion). The same places
 * give the same order.
 *
 * @param onProgress told the share done, 0 to 1; answer false to stop early with the best so far
 */
export function bestOrder(job: OrderJob, onProgress: (share: number) => boolean = () => true): FoundOrder {
  const cost = costOf(job);
  if (job.places.length <= MOST_EXACT) return { order: exactOrder(job.places.length, cost), exact: true };
  return { order: improveOrder(job, onProgress), exact: false };
}

/** What an order costs, in the unit of its cost; smaller is better. */
export function orderCost(job: Omit<OrderJob, 'tries'>, order: readonly number[]): number {
  const cost = costOf(job);
  return order.reduce((sum, to, i) => sum + cost(i === 0 ? -1 : (order[i - 1] ?? -1), to), 0);
}
