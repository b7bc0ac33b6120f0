import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { driveStops } from '@zero-point/core/state/holes/driveStops';
import { useMemo, useState } from 'react';
import { lastMarked, type MoveView, type MovePlace } from './moveModes';
import { orderOf } from '../order/orderChoices';

/** The stop in hand: the one asked for, else the first that is not done. */
export function useMoves(book: SetupState, patternId: string | undefined, asked: number | undefined): MoveView {
  const stops = useMemo(() => {
    const pattern = patternId ?? book.patterns.find(({ laidAside }) => laidAside !== true)?.id;
    return pattern === undefined ? [] : driveStops(book, orderOf(book, pattern), pattern);
  }, [book, patternId]);
  const open = stops.findIndex(({ done }) => !done);
  const index = Math.min(
    Math.max(asked === undefined ? Math.max(open, 0) : asked - 1, 0),
    Math.max(stops.length - 1, 0),
  );
  const stop = stops[index];
  // Where it stands is said for one stop: at the next the machine is where this one led it.
  const [said, setSaid] = useState<{ index: number; place: MovePlace; taken: boolean } | undefined>(undefined);
  const stands = said?.index === index ? said.place : undefined;
  const before = stops[index - 1];
  const from = stands ?? before?.target ?? { x: 0, y: 0 };
  return {
    stops,
    index,
    stop,
    from,
    fromWords: stands ? 'where it is' : before ? `hole ${before.hole}` : 'zero of the scale',
    toGo: { x: (stop?.target.x ?? 0) - from.x, y: (stop?.target.y ?? 0) - from.y },
    done: stops.filter((one) => one.done).length,
    standAt: (place, taken = false) => setSaid(place && { index, place, taken }),
    taken: stands === undefined || said?.taken === true,
    lastDone: before && !before.done ? lastMarked(book, stops) : undefined,
    stands,
  };
}
