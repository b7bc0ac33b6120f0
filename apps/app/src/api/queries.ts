import type { Snapshot, SetupSummary } from '@zero-point/core/contract/setup';
import type { Holding } from '@zero-point/core/contract/holding';
import type { Gauge, Machine, Part, Tool } from '@zero-point/core/contract/shop';
import type { ShopEntry } from '@zero-point/core/ledger/entry';
import { QueryClient, useQuery } from '@tanstack/react-query';
import { request, ServerRefusal } from './client';
import { keptSnapshot, keepSnapshot } from './keptSnapshots';

/** Everything the shop owns. */
export interface Shop {
  kind: 'demo' | 'own';
  machines: Machine[];
  gauges: Gauge[];
  tools: Tool[];
  parts: Part[];
  holdings: Holding[];
}

/** How often another device's work shows up here, ms. */
const REFRESH = 5000;

export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      // The server may be this very machine, so being off the internet says nothing.
      networkMode: 'always',
      staleTime: 1000,
      retry: (failures, error) => !(error instanceof ServerRefusal) && failures < 1,
      retryDelay: 500,
    },
  },
});

export const setupKey = (id: string) => ['setup', id] as const;

export const useBench = () =>
  useQuery({ queryKey: ['bench'], queryFn: () => request<SetupSummary[]>('GET', '/setups'), refetchInterval: REFRESH });

export const shopKey = ['shop'] as const;

/** The shop with things put into it that wait to be sent. */
export const withShopEntries = (shop: Shop, entries: readonly ShopEntry[]): Shop =>
  entries.reduce((now, { collection, body }) => {
    // Kept tool lengths go with the set-ups of their machine, not with the shop's lists.
    if (collection === 'tables') return now;
    const others: { id: string }[] = now[collection];
    const known = others.some(({ id }) => id === body.id);
    return { ...now, [collection]: known ? others.map((one) => (one.id === body.id ? body : one)) : [...others, body] };
  }, shop);

export const useShop = () => useQuery({ queryKey: shopKey, queryFn: () => request<Shop>('GET', '/shop') });

/** A set-up as the server last told it; the copy kept on this device stands in while the server is away. */
export const useStoredSnapshot = (id: string) =>
  useQuery({
    queryKey: setupKey(id),
    queryFn: async () => {
      const snapshot = await request<Snapshot>('GET', `/setups/${encodeURIComponent(id)}`);
      keepSnapshot(snapshot);
      return snapshot;
    },
    initialData: () => keptSnapshot(id),
    initialDataUpdatedAt: 0,
    refetchInterval: REFRESH,
  });
