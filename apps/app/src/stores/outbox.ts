import type { Snapshot } from '@zero-point/core/contract/setup';
import { withEntries, type Entry, type ShopEntry } from '@zero-point/core/ledger/entry';
import { uuidv7 } from 'uuidv7';
import { create } from 'zustand';
import { keepSnapshot } from '../api/keptSnapshots';
import { queryClient, setupKey, shopKey, withShopEntries, type Shop } from '../api/queries';
import { createOutbox, type Refused, type Waiting } from '../outbox/outbox';
import { deliver } from '../outbox/deliver';

interface OutboxState {
  waiting: Waiting[];
  refused: Refused[];
  /** The last try found the server away. */
  away: boolean;
  log: (entry: Entry) => void;
  dismiss: (key: string) => void;
  flush: () => Promise<void>;
}

const RETRY = 2000;

/** A delivered entry joins the snapshot before it leaves the outbox, so nothing flickers. */
function intoSnapshot(entry: Entry): void {
  if (entry.kind === 'shop') return intoShop(entry);
  // A fetch begun before the delivery would put the older state back.
  void queryClient.cancelQueries({ queryKey: setupKey(entry.setupId) });
  queryClient.setQueryData<Snapshot>(setupKey(entry.setupId), (snapshot) => {
    if (!snapshot) return snapshot;
    const next = withEntries(snapshot, [entry]);
    keepSnapshot(next);
    return next;
  });
}

/** A delivered thing of the shop; set-ups that show it ask for it anew. */
function intoShop(entry: ShopEntry): void {
  void queryClient.cancelQueries({ queryKey: shopKey });
  queryClient.setQueryData<Shop>(shopKey, (shop) => shop && withShopEntries(shop, [entry]));
  queryClient.setQueriesData<Snapshot>(
    { queryKey: ['setup'] },
    (snapshot) => snapshot && withEntries(snapshot, [entry]),
  );
  void queryClient.invalidateQueries({ queryKey: ['setup'] });
}

/** Browsers give locks to secure addresses only; a phone on the shop's plain network goes without, and repeats are harmless. */
async function exclusive(work: () => Promise<void>): Promise<void> {
  const locks = 'locks' in navigator ? navigator.locks : undefined;
  if (locks) await locks.request('zero-point.outbox', work);
  else await work();
}

/** The device's outbox as screens see it. */
export const useOutbox = create<OutboxState>((set, get) => {
  const outbox = createOutbox({
    storage: globalThis.localStorage,
    newKey: uuidv7,
    send: deliver,
    exclusive,
    onDelivered: intoSnapshot,
    onChange: () => set({ waiting: outbox.waiting(), refused: outbox.refused() }),
  });
  let retry: ReturnType<typeof setTimeout> | undefined;

  return {
    waiting: outbox.waiting(),
    refused: outbox.refused(),
    away: false,
    log: (entry) => {
      outbox.add(entry);
      void get().flush();
    },
    dismiss: outbox.dismiss,
    flush: async () => {
      clearTimeout(retry);
      const done = await outbox.flush();
      set({ away: !done });
      // An entry added while the last delivery was ending is still here.
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
  return () => {
    window.removeEventListener('online', flush);
    window.removeEventListener('focus', flush);
  };
}
