import type { Query, QueryClient, QueryKey } from '@tanstack/react-query';

const isFirst = ({ state }: Pick<Query, 'state'>): boolean => state.data === undefined;

/**
 * Stops fetches of what is known already: begun before now, they would put an older state back. The first fetch of all goes
 * on, since nothing would begin it again.
 */
export const cancelStaleFetch = (client: QueryClient, queryKey: QueryKey): Promise<void> =>
  client.cancelQueries({ queryKey, predicate: (query) => !isFirst(query) });

/**
 * Asks again for what stands under a key, because it has changed. What was under way for the first time may have been
 * answered before the change: it is let come, and asked for once more.
 */
export async function refetch(client: QueryClient, queryKey: QueryKey): Promise<void> {
  const first = client.getQueryCache().findAll({ queryKey, fetchStatus: 'fetching', predicate: isFirst });
  await client.invalidateQueries({ queryKey });
  if (first.length > 0) await client.invalidateQueries({ queryKey });
}
