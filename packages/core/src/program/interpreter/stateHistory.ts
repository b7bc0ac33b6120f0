import type { ModalState } from './modalState';

/** What is in force from one stretch of a path on. */
export interface StateAt extends Pick<
  ModalState,
  'unit' | 'incremental' | 'workOffset' | 'length' | 'radius' | 'tool' | 'speed' | 'spindle' | 'feed' | 'motion'
> {
  /** The first stretch it holds for. */
  from: number;
}

/** Keeps what is in force, each time something of it changes. */
export function gatherStates(): { take: (from: number, state: ModalState) => void; list: () => StateAt[] } {
  const kept: StateAt[] = [];
  let last: StateAt | undefined;
  return {
    take: (from, state) => {
      if (
        last &&
        last.feed === state.feed &&
        last.motion === state.motion &&
        last.tool === state.tool &&
        last.speed === state.speed &&
        last.spindle === state.spindle &&
        Object.is(last.length, state.length) &&
        last.incremental === state.incremental &&
        last.workOffset === state.workOffset &&
        last.radius === state.radius &&
        last.unit === state.unit
      )
        return;
      const { unit, incremental, workOffset, length, radius, tool, speed, spindle, feed, motion } = state;
      last = { from, unit, incremental, workOffset, length, radius, tool, speed, spindle, feed, motion };
      kept.push(last);
    },
    list: () => kept,
  };
}

/** What is in force at a stretch; undefined before the first. */
export function stateAt(states: readonly StateAt[], stretch: number): StateAt | undefined {
  let [low, high] = [0, states.length - 1];
  if (high < 0 || (states[0]?.from ?? 0) > stretch) return undefined;
  while (low < high) {
    const middle = Math.ceil((low + high) / 2);
    if ((states[middle]?.from ?? Infinity) <= stretch) low = middle;
    else high = middle - 1;
  }
  return states[low];
}
