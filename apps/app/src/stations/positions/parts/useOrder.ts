import type { DriveOrder } from '@zero-point/core/record/cutPlan';
import type { Book } from '@zero-point/core/book/book';
import { holesInDrive, orderCostOf, orderedHoles, PLAIN_ORDER } from '@zero-point/core/book/driveList';
import { targetOf, type Hole } from '@zero-point/core/book/holes';
import { dialMove } from '@zero-point/core/positions/dialDrive';
import { bestOrder, type OrderJob } from '@zero-point/core/positions/order';
import { MOST_EXACT } from '@zero-point/core/positions/exactOrder';
import { useRef, useState } from 'react';
import { runOrder } from '../../../workers/orderJob';
import type { Running } from '../../../workers/runWorker';
import { logCut } from './usePositions';

export type OrderState = { state: 'idle' } | { state: 'running'; share: number } | { state: 'failed' };

/** What an order takes of the person or the machine. */
export interface OrderFigures {
  /** Straight travel, mm. */
  travel: number;
  /** Times an axis must go past and come back, and handwheel turns; null where there are no dials. */
  dials: { reversals: number; turns: number } | null;
}

/** The order as it stands, with the patterns it is of. */
export const orderOf = (book: Book, patternId: string): DriveOrder => {
  const order = book.cutPlan.order ?? PLAIN_ORDER;
  // An order found for other patterns says nothing of this one.
  return order.patterns && !order.patterns.includes(patternId) ? { ...PLAIN_ORDER, grouping: order.grouping } : order;
};

const placesOf = (book: Book, holes: readonly Hole[]) => holes.map(({ x, y }) => targetOf(book, { x, y }));

/** What it takes to drive to holes in this order, from the scale's zero. */
export function orderFigures(book: Book, holes: readonly Hole[]): OrderFigures {
  const cost = orderCostOf(book, 'fewest-reversals');
  let at = { x: 0, y: 0 };
  const lines = { x: 0, y: 0 };
  let travel = 0;
  const dials = { reversals: 0, turns: 0 };
  for (const place of placesOf(book, holes)) {
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

/** Finding, fixing and showing the order. */
export function useOrder(book: Book, patternId: string) {
  const [state, setState] = useState<OrderState>({ state: 'idle' });
  const running = useRef<Running<{ order: number[] }> | undefined>(undefined);
  const order = orderOf(book, patternId);
  const patterns = order.patterns ?? [patternId];
  const numbered = holesInDrive(book, { ...order, patterns });
  const holes = orderedHoles(numbered, order);

  const keep = (change: Partial<DriveOrder>) => logCut(book, { order: { ...order, patterns, ...change } });
  const keepHoles = (way: DriveOrder['way'], found: readonly Hole[], of: readonly string[] = patterns) =>
    keep({ way, patterns: [...of], sequence: sequenceOf(found, of) });

  async function find(way: 'fewest-reversals' | 'shortest'): Promise<void> {
    const job: OrderJob = {
      places: placesOf(book, numbered),
      start: { x: 0, y: 0 },
      cost: orderCostOf(book, way),
    };
    const take = (indexes: readonly number[]) =>
      keepHoles(
        way,
        indexes.flatMap((i) => numbered[i] ?? []),
      );
    if (numbered.length <= MOST_EXACT) return take(bestOrder(job).order);
    setState({ state: 'running', share: 0 });
    running.current = runOrder(job, (share) => setState({ state: 'running', share }));
    try {
      const found = await running.current.result;
      setState({ state: 'idle' });
      if (found) take(found.order);
    } catch {
      setState({ state: 'failed' });
    }
  }

  return {
    order,
    patterns,
    numbered,
    holes,
    state,
    find,
    cancel: () => running.current?.cancel(),
    /** Puts the hole at one place of the order to another. */
    moveTo: (from: number, to: number) => {
      const next = [...holes];
      const [moved] = next.splice(from, 1);
      if (moved) next.splice(to, 0, moved);
      keepHoles('by-hand', next);
    },
    asNumbered: () => keep({ way: 'as-numbered' }),
    group: (grouping: DriveOrder['grouping']) => keep({ grouping }),
    /** Takes a pattern into the drive, or out of it; at least one stays. */
    toggle: (id: string) => {
      const next = patterns.includes(id) ? patterns.filter((one) => one !== id) : [...patterns, id];
      if (next.length === 0) return;
      const { sequence: _, ...rest } = order;
      logCut(book, { order: { ...rest, way: 'as-numbered', patterns: next } });
    },
  };
}
