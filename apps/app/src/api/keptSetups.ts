import { fromKept, toKeep } from '@zero-point/core/record/keptSnapshot';
import type { Snapshot } from '@zero-point/core/record/snapshot';
import { experimental_createQueryPersister, type PersistedQuery } from '@tanstack/query-persist-client-core';
import { COPIES, deviceStorage } from './deviceStorage';

/** Counts up when copies are kept another way; older ones are not understood, and not read. */
const BUSTER = '6';

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

/** Copies of set-ups kept on this device, so that a reload with the server away still shows the work. */
export const keptSetups = experimental_createQueryPersister({
  storage: copies,
  prefix: COPIES,
  buster: BUSTER,
  maxAge: DAYS,
  refetchOnRestore: 'always',
  serialize: ({ state, ...query }) =>
    JSON.stringify({ ...query, state: { ...state, data: toKeep(state.data as Snapshot) } }),
  deserialize: (text): PersistedQuery => {
    try {
      const query = JSON.parse(text) as PersistedQuery;
      const data = fromKept(query.state.data);
      // What is no longer understood is of no version that is.
      return data ? { ...query, state: { ...query.state, data } } : { ...query, buster: '' };
    } catch {
      return { buster: '' } as PersistedQuery;
    }
  },
});
