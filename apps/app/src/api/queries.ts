import { knownToday, type KnownMachine } from '@zero-point/core/state/basis/setupState';
import type { KnownGauge } from '@zero-point/core/state/basis/calibratedGauge';
import type { Calibration } from '@zero-point/core/records/shop/calibration';
import type { Cutter } from '@zero-point/core/records/shop/cutter';
import type { Entry } from '@zero-point/core/records/kinds/entry';
import type { GaugeUses, MachineRepeats } from '@zero-point/core/records/snapshots/gaugeUses';
import type { Holding } from '@zero-point/core/records/shop/workholdingList';
import { DOCUMENT_KINDS, type DocumentName } from '@zero-point/core/records/kinds/kinds';
import type { Magazine } from '@zero-point/core/records/shop/magazine';
import { isRow, keptRow, keyOf, UNSENT } from '@zero-point/core/records/kinds/merge';
import type { Part } from '@zero-point/core/records/shop/part';
import { documentKey, type Repeatability, type Snapshot } from '@zero-point/core/records/snapshots/snapshot';
import type { ShopSummary } from '@zero-point/core/records/snapshots/startSnapshot';
import { hashKey, useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { request, ServerAway } from './client';
import { cachedSetups, takeRestored } from '../cache/cachedSetups';
import { kept, seenLast } from '../cache/cachedResponse';
import { hasFields, isList, isListOf, isRecord, isText } from '../cache/shapes';
import { useChangeFeed } from './changeFeed';
import { queryClient, setupKey, shopKey } from './queryClient';
import { REFRESH, useInvalidateOnChange } from './invalidateOnChange';

/** Everything the shop owns, gauges and machines as they are known today. */
export interface Shop {
  kind: 'demo' | 'own';
  machines: KnownMachine[];
  gauges: KnownGauge[];
  cutters: Cutter[];
  magazines: Magazine[];
  parts: Part[];
  holdings: Holding[];
  calibrations: Calibration[];
  /** How well each gauge repeated in all of the log. */
  repeatability: Repeatability[];
  /** The version of every document, by kind and own name. */
  versions: Record<string, string>;
}

/** The shop with what waits to be sent. */
export function withShopEntries(shop: Shop, entries: readonly Entry[]): Shop {
  const next = entries.reduce(withShopEntry, shop);
  return next === shop ? shop : { ...next, ...knownToday(next) };
}

function withShopEntry(shop: Shop, entry: Entry): Shop {
  if (entry.setupId !== '') return shop;
  if (isRow(entry)) {
    if (entry.kind !== 'calibration' || shop.calibrations.some(({ id }) => id === entry.body.id)) return shop;
    const row = keptRow(entry, { seq: UNSENT, receivedAt: entry.body.at }) as Calibration;
    return { ...shop, calibrations: [...shop.calibrations, row] };
  }
  const { collection } = DOCUMENT_KINDS[entry.kind];
  const lists = shop as unknown as Record<string, { id: string }[]>;
  const key = keyOf(entry);
  const body = entry.body as { id: string };
  const list = lists[collection];
  // Kept tool lengths go with the setups of their machine, not with the shop's lists.
  if (!list) return shop;
  const known = list.some(({ id }) => id === key);
  const versions = { ...shop.versions, [documentKey(entry.kind as DocumentName, key)]: entry.version };
  return {
    ...shop,
    versions,
    [collection]: known ? list.map((one) => (one.id === key ? body : one)) : [...list, body],
  };
}

/** Every kind of thing is a list of things with an id. */
const isShop = (value: unknown): value is Shop & ShopSummary =>
  hasFields(value, { versions: isRecord, calibrations: isList, repeatability: isList }) &&
  isRecord(value) &&
  ['machines', 'gauges', 'parts', 'cutters', 'magazines', 'holdings'].every((list) =>
    isListOf((one) => hasFields(one, { id: isText }))(value[list]),
  );

/** The shop as this device last saw it, as it was told; undefined where it never did, or an older program kept it. */
export function shopSeen(): (Shop & ShopSummary) | undefined {
  try {
    const shop = seenLast('shop', isShop);
    if (shop) knownToday(shop);
    return shop;
  } catch {
    return undefined;
  }
}

/** Keeps the shop on this device as it is now: a setup begun while the server is away goes by its sizes and calibrations. */
export async function cacheShop(): Promise<void> {
  await askShop().catch(() => undefined);
}

const askShop = (): Promise<Shop> => request<Shop>('GET', '/shop').then(kept('shop'));

export function useShop() {
  useInvalidateOnChange(shopKey);
  return useQuery({
    queryKey: shopKey,
    queryFn: async () => {
      const shop = await askShop();
      return { ...shop, ...knownToday(shop) };
    },
    structuralSharing: false,
  });
}

/** How a gauge repeated on each machine. */
export const useMachineRepeats = (gaugeId: string) =>
  useQuery({
    queryKey: [...shopKey, 'repeats', gaugeId],
    queryFn: () => request<MachineRepeats[]>('GET', `/gauges/${encodeURIComponent(gaugeId)}/repeatability`),
  });

/** How much each gauge was used since it was last found; told again with the shop. */
export const useUses = () =>
  useQuery({ queryKey: [...shopKey, 'uses'], queryFn: () => request<GaugeUses[]>('GET', '/uses') });

/** A setup that this device alone has. @throws ServerAway where its copy had to give way: it is told once it was sent */
function ownCopy(id: string): Snapshot {
  const known = queryClient.getQueryData<Snapshot>(setupKey(id));
  if (!known) throw new ServerAway();
  return known;
}

/**
 * A setup as the server last told it: whole once, then what is new as it comes. The copy kept on this device stands in
 * while the server is away.
 *
 * @param begunHere it was begun on this device, and the server has not heard of it: it is not asked
 */
export function useStoredSnapshot(id: string, begunHere: boolean) {
  const query = useQuery({
    queryKey: setupKey(id),
    queryFn: () => (begunHere ? ownCopy(id) : request<Snapshot>('GET', `/setups/${encodeURIComponent(id)}`)),
    persister: cachedSetups.persisterFn,
    // Nothing is asked twice: what is new is told. Readings keep their identity, so that only what changed is reckoned.
    staleTime: Infinity,
    structuralSharing: false,
    refetchInterval: ({ state }) => (state.status === 'error' ? REFRESH : false),
  });
  const { data, refetch } = query;
  useEffect(() => {
    if (data && !begunHere && takeRestored(hashKey(setupKey(id)))) void refetch();
  }, [data, begunHere, id, refetch]);
  useChangeFeed(id, begunHere ? undefined : query.data?.seq);
  useEffect(() => {
    if (!begunHere) return undefined;
    return () => void queryClient.invalidateQueries({ queryKey: setupKey(id) });
  }, [id, begunHere]);
  return query;
}
