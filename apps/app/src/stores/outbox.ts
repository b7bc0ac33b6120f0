import type { DocumentEntry, Entry } from '@zero-point/core/records/kinds/entry';
import { startsSetup, withEntries } from '@zero-point/core/records/kinds/merge';
import type { Snapshot } from '@zero-point/core/records/snapshots/snapshot';
import { uuidv7 } from 'uuidv7';
import { create } from 'zustand';
import { deviceStorage } from '../cache/deviceStorage';
import { scheduleCacheCopy } from '../cache/cacheCopy';
import { loadPart } from '../api/offline';
import { cancelStaleFetch } from '../api/cancelStaleFetch';
import { persistStorage } from '../cache/persistStorage';
import { withShopEntries, type Shop } from '../api/queries';
import { queryClient, setupKey, shopKey } from '../api/queryClient';
import { createOutbox, type ReadWaiting, type Refused, type SetAside, type Waiting } from '../outbox/outbox';
import { deliver } from '../outbox/deliver';
import { tellStored } from './tellStored';

interface OutboxState {
  /** All that is kept was read: until then what a setup shows would lack what an earlier page left. */
  read: boolean;
  waiting: Waiting[];
  refused: Refused[];
  aside: SetAside[];
  /** The last try found the server away. */
  away: boolean;
  /** What the server said is the matter with it, where it answered but could not store. */
  fault: string | undefined;
  log: (entry: Entry) => void;
  dismiss: (key: string) => void;
  /** Sends a refused entry once more, or what it became when it was put right. */
  again: (key: string, mended?: Entry) => void;
  /** Of two versions of a document, keeps this device's: saved again, from what stands now. */
  keepMine: (refused: Refused) => void;
  flush: () => Promise<void>;
  /** Looks again at what is kept: another tab of this device may have logged or delivered. */
  look: () => void;
}

const RETRY = 2000;

/** A delivered entry joins the snapshot before it leaves the outbox, so nothing flickers. */
function intoSnapshot(entry: Entry): void {
  if (entry.setupId === '') return intoShop(entry);
  void cancelStaleFetch(queryClient, setupKey(entry.setupId));
  queryClient.setQueryData<Snapshot>(setupKey(entry.setupId), (known) => known && withEntries(known, [entry]));
  scheduleCacheCopy(entry.setupId);
  // Started on this device alone: the server has more to tell of it now.
  if (startsSetup(entry) !== undefined)
    void queryClient.invalidateQueries({ queryKey: setupKey(entry.setupId), refetchType: 'none' });
}

/** A delivered thing of the shop; setups that show it take it in. */
function intoShop(entry: Entry): void {
  void cancelStaleFetch(queryClient, shopKey);
  queryClient.setQueryData<Shop>(shopKey, (shop) => shop && withShopEntries(shop, [entry]));
  queryClient.setQueriesData<Snapshot>({ queryKey: ['setup'] }, (known) => known && withEntries(known, [entry]));
}

/** Browsers give locks to secure addresses only; a phone on the shop's plain network goes without, and repeats are harmless. */
async function exclusive(work: () => Promise<void>): Promise<void> {
  const locks = 'locks' in navigator ? navigator.locks : undefined;
  if (locks) await locks.request('zero-point.outbox', work);
  else await work();
}

let reader: ReadWaiting | undefined;

/** Fetches what reads entries of an earlier page: the schemas of every kind, which no other page needs. */
async function loadReader(): Promise<void> {
  const { fromOutboxEntry: fromWaiting } = await loadPart(
    () => import('@zero-point/core/records/kinds/readOutboxEntry'),
  );
  reader = fromWaiting;
}

/** The device's outbox as screens see it. */
export const useOutbox = create<OutboxState>((set, get) => {
  const outbox = createOutbox({
    storage: deviceStorage,
    newKey: uuidv7,
    send: deliver,
    exclusive,
    onDelivered: intoSnapshot,
    onChange: () => set(seen()),
    reader: () => reader,
    loadReader: async () => {
      await loadReader();
      set(seen());
    },
  });
  const seen = () => ({
    read: !outbox.unread(),
    waiting: outbox.waiting(),
    refused: outbox.refused(),
    aside: outbox.aside(),
  });
  let retry: ReturnType<typeof setTimeout> | undefined;

  return {
    ...seen(),
    away: false,
    fault: undefined,
    log: (entry) => {
      outbox.add(entry);
      if (entry.kind === 'reading') tellStored();
      void get().flush();
    },
    look: () => {
      set(seen());
      // What another tab left is read as soon as that can be.
      if (outbox.unread()) void outbox.learn().catch(() => undefined);
    },
    dismiss: outbox.dismiss,
    again: (key, mended) => {
      outbox.again(key, mended);
      void get().flush();
    },
    keepMine: ({ key, entry, current }) => {
      if (current) get().log({ ...(entry as DocumentEntry), version: uuidv7(), began: current.version });
      outbox.dismiss(key);
    },
    flush: async () => {
      clearTimeout(retry);
      // Without the script that reads it, what an earlier page left waits; it is tried again.
      const done = await outbox.flush().catch(() => false);
      set({ away: !done, fault: done ? undefined : outbox.fault() });
      // An entry added while the last delivery was ending is still here.
      if (!done && outbox.waiting().length > 0) persistStorage();
      if (outbox.waiting().length > 0) retry = setTimeout(() => void get().flush(), done ? 0 : RETRY);
    },
  };
});

/** Starts delivering what an earlier visit left, and tries again whenever the page comes to the front. */
export function startOutbox(): () => void {
  const flush = () => void useOutbox.getState().flush();
  flush();
  window.addEventListener('online', flush);
  window.addEventListener('focus', flush);
  const look = ({ key }: StorageEvent) => {
    if (key === null || key.startsWith('zero-point.')) useOutbox.getState().look();
  };
  window.addEventListener('storage', look);
  return () => {
    window.removeEventListener('online', flush);
    window.removeEventListener('focus', flush);
    window.removeEventListener('storage', look);
  };
}
