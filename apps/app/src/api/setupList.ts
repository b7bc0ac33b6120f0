import type { SetupSummary } from '@zero-point/core/records/snapshots/snapshot';
import type { LengthUnit } from '@zero-point/core/units/unit';
import type { DueLine } from '@zero-point/core/messages/gauges/dueList';
import type { SetupStatus } from '@zero-point/core/messages/status/setupStatus';
import { useQuery } from '@tanstack/react-query';
import { request } from './client';
import { kept, cachedResponse } from '../cache/cachedResponse';
import { hasFields, isListOf, isNumber, isText } from '../cache/shapes';
import { REFRESH, useInvalidateOnChange } from './invalidateOnChange';
import { benchKey, queryClient } from './queryClient';

/** Setups as the bench shows them. */
export const isBench = (value: unknown): value is SetupSummary[] =>
  isListOf((one) =>
    hasFields(one, {
      id: isText,
      name: isText,
      machine: isText,
      part: isText,
      purpose: isText,
      changedAt: isText,
      readings: isNumber,
      set: isListOf(isText),
      patterns: isNumber,
    }),
  )(value);

const isPoint = (value: unknown): boolean => hasFields(value, { x: isNumber, y: isNumber });

const isStandings = (value: unknown): value is SetupStatus[] =>
  isListOf((one) =>
    hasFields(one, {
      id: isText,
      part: (part) => hasFields(part, { size: isPoint, zero: isPoint, holes: isListOf(isPoint) }),
      zero: isText,
      state: isText,
      done: isListOf(isText),
      next: (next) => hasFields(next, { station: isText, words: isText }),
    }),
  )(value);

/** What the bench asks of the server; nothing here knows what an entry is, so that the first script stays small. */

const setupsQuery = {
  queryKey: benchKey,
  queryFn: () => request<SetupSummary[]>('GET', '/setups').then(kept('bench')),
  ...cachedResponse('bench', isBench),
};

/** Asks for the bench while the script is still being read, where it is what the page opens with. */
export function askAhead(path: string): void {
  if (path === '/') void queryClient.prefetchQuery(setupsQuery);
}

export function useBench() {
  useInvalidateOnChange(benchKey);
  return useQuery({
    ...setupsQuery,
    refetchInterval: ({ state }) => (state.status === 'error' ? REFRESH : false),
  });
}

/** Where these setups stand; told again with the bench. */
export function useSetupStatus(ids: readonly string[]) {
  return useQuery({
    queryKey: [...benchKey, 'standings', ids.join()],
    queryFn: () =>
      request<SetupStatus[]>('GET', `/standings?of=${ids.map(encodeURIComponent).join(',')}`).then(kept('standings')),
    enabled: ids.length > 0,
    // Another setup on the bench must not empty the cards of the others meanwhile.
    placeholderData: (before) => before,
    ...cachedResponse('standings', isStandings),
  });
}

/** What the server says of itself and its file. */
interface Health {
  shop: 'demo' | 'own';
  setAside: { count: number };
}

const useHealth = () =>
  useQuery({ queryKey: ['health'], queryFn: () => request<Health>('GET', '/health'), staleTime: Infinity }).data;

/** Whether this is the demo shop or a person's own; undefined until the server said. */
export const useShopKind = (): 'demo' | 'own' | undefined => useHealth()?.shop;

/** How many entries of the shop's file are left out because something else changed them. */
export const useSetAside = (): number => useHealth()?.setAside.count ?? 0;

/** Gauges that ought to be looked at; told again with the bench. */
export const useDue = (unit: LengthUnit) =>
  useQuery({ queryKey: [...benchKey, 'due', unit], queryFn: () => request<DueLine[]>('GET', `/due?unit=${unit}`) });
