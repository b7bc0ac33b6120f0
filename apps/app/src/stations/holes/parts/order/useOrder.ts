import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { holesInDrive, orderCostOf, orderedHoles } from '@zero-point/core/state/holes/driveStops';
import type { Hole } from '@zero-point/core/state/holes/holes';
import { MOST_EXACT } from '@zero-point/core/holes/order/exactOrder';
import { bestOrder } from '@zero-point/core/holes/order/order';
import type { OrderJob } from '@zero-point/core/holes/order/orderJob';
import type { DriveOrder } from '@zero-point/core/records/setup/cutPlan';
import { useRef, useState } from 'react';
import { runOrder } from '../../../../workers/orderJob';
import type { RunningWorker } from '../../../../workers/runWorker';
import { saveCutPlan } from '../../../../commands/saveCutPlan';
import { orderOf, holeTargets, sequenceOf } from './orderChoices';

export type OrderState = { state: 'idle' } | { state: 'running'; share: number } | { state: 'failed' };

/** Finding, fixing and showing the order. */
export function useOrder(book: SetupState, patternId: string) {
  const [state, setState] = useState<OrderState>({ state: 'idle' });
  const running = useRef<RunningWorker<{ order: number[] }> | undefined>(undefined);
  const order = orderOf(book, patternId);
  const patterns = order.patterns ?? [patternId];
  const numbered = holesInDrive(book, { ...order, patterns });
  const holes = orderedHoles(numbered, order);

  const keep = (change: Partial<DriveOrder>) => saveCutPlan(book, { order: { ...order, patterns, ...change } });
  const keepHoles = (way: DriveOrder['way'], found: readonly Hole[], of: readonly string[] = patterns) =>
    keep({ way, patterns: [...of], sequence: sequenceOf(found, of) });

  async function find(way: 'fewest-reversals' | 'shortest'): Promise<void> {
    const job: OrderJob = {
      places: holeTargets(book, numbered),
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
      saveCutPlan(book, { order: { ...rest, way: 'as-numbered', patterns: next } });
    },
  };
}
