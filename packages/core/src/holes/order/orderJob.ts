import type { Point } from '../../geometry/point';
import type { OrderCost } from './orderCost';

/** How an order is looked for. */
export interface OrderJob {
  /** Where to go, mm on the machine's axes. */
  places: readonly Point[];
  /** Where the machine stands. */
  start: Point;
  cost: OrderCost;
  /** Tries of the search for more places than can be settled exactly; by the number of places where left out. */
  tries?: number;
  /** Another seed searches another way; the same gives the same order. */
  seed?: number;
}
