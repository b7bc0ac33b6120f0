import type { Entry } from '@zero-point/core/record/entry';
import { documentOf, fromWaiting, toWaiting, type WaitingEntry } from '@zero-point/core/record/waiting';

/**
 * What was logged and is not yet in the server's ledger. Kept on the device from the moment it is
 * logged; delivered in order, each exactly once (the server knows an entry by its id, so sending
 * again after a lost answer stores nothing twice). Not a cache: a delivered entry leaves it.
 */

/** An entry with its place in the queue; keys sort in the order things were logged. */
export interface Waiting {
  key: string;
  entry: Entry;
}

/** What stands on the server where a save began from something else. */
export interface Current {
  version: string;
  body: unknown;
}

/** An entry the server would not take, and why. Kept until the person has seen it, or chosen. */
export interface Refused extends Waiting {
  reason: string;
  /** Of a document that was changed on another device meanwhile: what is there now. */
  current?: Current;
}

/** What is on the device and cannot be read: kept as it is, to be saved to a file. */
export interface SetAside {
  key: string;
  text: string;
  reason: string;
}

export type Delivery =
  { kind: 'delivered' } | { kind: 'refused'; reason: string; current?: Current } | { kind: 'away'; fault?: string };

/** What the outbox needs of the world. */
export interface OutboxWorld {
  storage: Pick<Storage, 'getItem' | 'setItem' | 'removeItem' | 'key' | 'length'>;
  /** Makes keys that sort by time. */
  newKey: () => string;
  send: (entry: Entry) => Promise<Delivery>;
  /** Runs `work` while no other tab of this device delivers. */
  exclusive: (work: () => Promise<void>) => Promise<void>;
  onDelivered: (entry: Entry) => void;
  onChange: () => void;
}

const WAITING = 'zero-point.outbox.';
const REFUSED = 'zero-point.refused.';
const ASIDE = 'zero-point.aside.';

type Kept<T> = Omit<T, 'entry'> & WaitingEntry;

export function createOutbox(world: OutboxWorld) {
  const { storage } = world;
  let running: Promise<boolean> | undefined;
  let fault: string | undefined;

  function keys(prefix: string): string[] {
    return Array.from({ length: storage.length }, (_, i) => storage.key(i) ?? '')
      .filter((key) => key.startsWith(prefix))
      .sort();
  }

  /** One kept thing; what cannot be read is set aside as it is, so that the rest goes on. */
  function read<T extends Waiting>(prefix: string, key: string): T[] {
    const text = storage.getItem(key);
    if (text === null) return [];
    try {
      const kept = JSON.parse(text) as Kept<T>;
      const entries = fromWaiting(kept, key.slice(prefix.length));
      return entries.map((entry) => ({ ...kept, key: key.slice(prefix.length), entry })) as unknown as T[];
    } catch (error) {
      const reason = error instanceof Error && !error.message.startsWith('[') ? error.message : 'not what it should be';
      storage.setItem(ASIDE + key, JSON.stringify({ text, reason }));
      storage.removeItem(key);
      return [];
    }
  }

  const all = <T extends Waiting>(prefix: string): T[] => keys(prefix).flatMap((key) => read<T>(prefix, key));
  const waiting = () => all<Waiting>(WAITING);
  const refused = () => all<Refused>(REFUSED);

  /** Entries that wait under one key: one, or what an older program's entry became. */
  const front = (): Waiting[] => {
    for (const key of keys(WAITING)) {
      const entries = read<Waiting>(WAITING, key);
      if (entries.length > 0) return entries;
    }
    return [];
  };

  function refuse(next: Waiting, { reason, current }: Extract<Delivery, { kind: 'refused' }>): void {
    // Later saves of the same document were made of this one: the last of them is what the person meant.
    const document = current && documentOf(next.entry);
    const later =
      document === undefined
        ? []
        : waiting().filter(({ key, entry }) => key !== next.key && documentOf(entry) === document);
    const { entry } = later.at(-1) ?? next;
    const kept = { ...toWaiting(entry), reason, ...(current && { current }) };
    storage.setItem(REFUSED + next.key, JSON.stringify(kept));
    for (const { key } of later) storage.removeItem(WAITING + key);
  }

  /** Sends from the front until the queue is empty or the server is away; true when nothing is left. */
  async function deliverAll(): Promise<boolean> {
    for (;;) {
      const entries = front();
      const [first] = entries;
      if (!first) return true;
      for (const next of entries) {
        const delivery = await world.send(next.entry);
        fault = delivery.kind === 'away' ? delivery.fault : undefined;
        if (delivery.kind === 'away') return false;
        if (delivery.kind === 'delivered') world.onDelivered(next.entry);
        else refuse(next, delivery);
      }
      storage.removeItem(WAITING + first.key);
      world.onChange();
    }
  }

  return {
    waiting,
    refused,
    /** What the server said is the matter with it, where it answered but could not store. */
    fault: (): string | undefined => fault,
    /** What could not be read. */
    aside: (): SetAside[] =>
      keys(ASIDE).map((key) => {
        const { text, reason } = JSON.parse(storage.getItem(key) ?? '{}') as { text: string; reason: string };
        return { key, text, reason };
      }),
    /**
     * Keeps an entry on the device.
     * @throws when the device has no room; then nothing was logged
     */
    add(entry: Entry): void {
      const key = world.newKey();
      storage.setItem(WAITING + key, JSON.stringify(toWaiting(entry)));
      world.onChange();
    },
    /** Delivers what waits; calls while one is running join it. */
    flush(): Promise<boolean> {
      running ??= (async () => {
        let done = false;
        await world.exclusive(async () => {
          done = await deliverAll();
        });
        return done;
      })().finally(() => {
        running = undefined;
      });
      return running;
    },
    /** A refused entry goes to the end of the queue once more, as it is: what was in its way may be gone. */
    again(key: string): void {
      const [kept] = read<Refused>(REFUSED, REFUSED + key);
      if (!kept) return;
      storage.setItem(WAITING + world.newKey(), JSON.stringify(toWaiting(kept.entry)));
      storage.removeItem(REFUSED + key);
      world.onChange();
    },
    /** The person has seen a refusal, or saved what was set aside. */
    dismiss(key: string): void {
      storage.removeItem(key.startsWith(ASIDE) ? key : REFUSED + key);
      world.onChange();
    },
  };
}
