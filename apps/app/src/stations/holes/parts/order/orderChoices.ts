import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { orderCostOf, PLAIN_ORDER } from '@zero-point/core/state/holes/driveStops';
import { targetOf, type Hole } from '@zero-point/core/state/holes/holes';
import { dialMove } from '@zero-point/core/holes/dials/dialMoves';
import type { DriveOrder } from '@zero-point/core/records/setup/cutPlan';

/** What an order takes of the person or the machine. */
export interface OrderFigures {
  /** Straight travel, mm. */
  travel: number;
  /** Times an axis must go past and come back, and handwheel turns; null where there are no dials. */
  dials: { reversals: number; turns: number } | null;
}

/** The order as it stands, with the patterns it is of. */
export const orderOf = (book: SetupState, patternId: string): DriveOrder => {
  const order = book.cutPlan.order ?? PLAIN_ORDER;
  // An order found for other patterns says nothing of this one.
  return order.patterns && !order.patterns.includes(patternId) ? { ...PLAIN_ORDER, grouping: order.grouping } : order;
};

/** Where the machine must go for holes. */
export const holeTargets = (book: SetupState, holes: readonly Hole[]) =>
  holes.map(({ x, y }) => targetOf(book, { x, y }));

/** What it takes to drive to holes in this order, from the scale's zero. */
export function orderFigures(book: SetupState, holes: readonly Hole[]): OrderFigures {
  const cost = orderCostOf(book, 'fewest-reversals');
  let at = { x: 0, y: 0 };
  const lines = { x: 0, y: 0 };
  let travel = 0;
  const dials = { reversals: 0, turns: 0 };
  for (const place of holeTargets(book, holes)) {
    travel += Math.hypot(place.x - at.x, place.y - at.y);
    at = place;
    if (cost.kind !== 'dials') continue;
    for (const axis of ['x', 'y'] as const) {
      const move = dialMove(lines[axis], true, place[axis], cost[axis]);
      lines[axis] = move.lines;
      dials.turns += move.travel;
      if (move.reversal) dials.reversals += 1;
    }
  }
  return { travel, dials: cost.kind === 'dials' ? dials : null };
}

/** An order as it is kept: which pattern of the list, which hole of it. */
export function sequenceOf(holes: readonly Hole[], patterns: readonly string[]): [number, number][] {
  const index = new Map(patterns.map((id, i) => [id, i]));
  return holes.map(({ pattern, hole }) => [index.get(pattern.id) ?? 0, hole]);
}
