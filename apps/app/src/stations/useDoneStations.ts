import type { SetupState } from '@zero-point/core/state/basis/setupState';
import type { StationName } from '@zero-point/core/records/values/stations';
import { useEffect, useState } from 'react';
import { loadPart } from '../api/offline';
import { whenIdle } from '../layout/whenIdle';

const NONE: readonly StationName[] = [];

/**
 * The stations whose work is done. What counts as done is reckoned from every part of the record, and so by nearly all of
 * core: it comes once the page itself is there.
 */
export function useDoneStations(book: SetupState): readonly StationName[] {
  const [done, setDone] = useState(NONE);
  useEffect(
    () =>
      whenIdle(() =>
        loadPart(() => import('./doneStations')).then(
          ({ doneStations }) => setDone((before) => same(before, doneStations(book))),
          () => undefined,
        ),
      ),
    [book],
  );
  return done;
}

/** Those before, where they are the same: then nothing is drawn again. */
const same = (before: readonly StationName[], now: readonly StationName[]): readonly StationName[] =>
  before.join() === now.join() ? before : now;
