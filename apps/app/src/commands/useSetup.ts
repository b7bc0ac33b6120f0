import { deriveState, type SetupState } from '@zero-point/core/state/basis/setupState';
import { startsSetup, withEntries } from '@zero-point/core/records/kinds/merge';
import { useMemo } from 'react';
import { ServerRefusal } from '../api/client';
import { requestTrouble } from '../api/requestTrouble';
import { useStoredSnapshot } from '../api/queries';
import { useOutbox } from '../stores/outbox';

export type SetupLoad =
  | { kind: 'loading' }
  | { kind: 'trouble'; title: string; detail: string; retry: () => void }
  | { kind: 'ready'; book: SetupState };

/** A setup as it stands on this device, opened: what the server has, and what waits in the outbox. */
export function useSetup(id: string): SetupLoad {
  const waiting = useOutbox((state) => state.waiting);
  const read = useOutbox((state) => state.read);
  const query = useStoredSnapshot(
    id,
    waiting.some(({ entry }) => startsSetup(entry) === id),
  );
  const book = useMemo(
    () =>
      query.data &&
      read &&
      deriveState(
        withEntries(
          query.data,
          waiting.map(({ entry }) => entry),
        ),
      ),
    [query.data, waiting, read],
  );
  if (book) return { kind: 'ready', book };
  if (query.error) {
    return {
      kind: 'trouble',
      ...requestTrouble(
        query.error,
        'This setup was never opened on this device, so there is no copy of it here. Start the server, then try again.',
      ),
      ...(query.error instanceof ServerRefusal && query.error.problem.status === 404 && { title: 'Setup not found' }),
      retry: () => void query.refetch(),
    };
  }
  return { kind: 'loading' };
}
