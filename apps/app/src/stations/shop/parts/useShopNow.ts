import { useMemo } from 'react';
import { useShop, withShopEntries } from '../../../api/queries';
import { useOutbox } from '../../../stores/outbox';

/** The shop as it stands on this device: what the server has, and what waits to be sent. */
export function useShopNow() {
  const query = useShop();
  const waiting = useOutbox((state) => state.waiting);
  const shop = useMemo(
    () =>
      query.data &&
      withShopEntries(
        query.data,
        waiting.map(({ entry }) => entry),
      ),
    [query.data, waiting],
  );
  return { shop, error: query.data ? null : query.error, retry: () => void query.refetch() };
}
