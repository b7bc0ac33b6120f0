import { toCachedSnapshot, type KeptSnapshot } from '@zero-point/core/records/snapshots/cachedSnapshot';
import { sealed, unsealed } from './seal';
import { loadPart } from '../api/offline';
import type { Snapshot } from '@zero-point/core/records/snapshots/snapshot';
import { experimental_createQueryPersister, type PersistedQuery } from '@tanstack/query-persist-client-core';
import { COPIES, deviceStorage } from './deviceStorage';

/** Counts up when copies are kept another way; older ones are not understood, and not read. */
const BUSTER = '7';

const DAYS = 90 * 24 * 60 * 60 * 1000;

/** A copy that cannot be kept is only an older copy: what was logged waits in the outbox. */
const copies = {
  getItem: (key: string) => deviceStorage.getItem(key),
  removeItem: (key: string) => deviceStorage.removeItem(key),
  setItem: (key: string, value: string) => {
    try {
      deviceStorage.setItem(key, value);
    } catch {
      deviceStorage.removeItem(key);
    }
  },
};

const restored = new Set<string>();

/** Whether a query stands as the device kept it and was not asked of the server since; said once. */
export const takeRestored = (queryHash: string): boolean => restored.delete(queryHash);

/** A copy of another build, or a damaged one, is read field by field. */
async function readKept(data: unknown): Promise<Snapshot | undefined> {
  const { fromCachedSnapshot: fromKept } = await loadPart(
    () => import('@zero-point/core/records/snapshots/readCachedSnapshot'),
  );
  return fromKept(data);
}

/** Copies of setups kept on this device, so that a reload with the server away still shows the work. */
export const cachedSetups = experimental_createQueryPersister({
  storage: copies,
  prefix: COPIES,
  buster: BUSTER,
  maxAge: DAYS,
  // Asked for by who shows it: what the library begins by itself tells its failure to nobody.
  refetchOnRestore: false,
  serialize: ({ state, ...query }) =>
    sealed(JSON.stringify({ ...query, state: { ...state, data: toCachedSnapshot(state.data as Snapshot) } })),
  deserialize: async (text): Promise<PersistedQuery> => {
    try {
      const { json, own } = unsealed(text);
      const query = JSON.parse(json) as PersistedQuery;
      restored.add(query.queryHash);
      const data = own ? (query.state.data as KeptSnapshot).snapshot : await readKept(query.state.data);
      // What is no longer understood is of no version that is.
      return data ? { ...query, state: { ...query.state, data } } : { ...query, buster: '' };
    } catch {
      return { buster: '' } as PersistedQuery;
    }
  },
});
