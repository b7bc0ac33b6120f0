import type { Entry } from '@zero-point/core/ledger/entry';

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

/** An entry the server would not take, and why. Kept until the person has seen it. */
export interface Refused extends Waiting {
  reason: string;
}

export type Delivery = { kind: 'delivered'; seq?: number } | { kind: 'refused'; reason: string } | { kind: 'away' };

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

export function createOutbox(world: OutboxWorld) {
  const { storage } = world;
  let running: Promise<boolean> | undefined;

  function keys(prefix: string): string[] {
    return Array.from({ length: storage.length }, (_, i) => storage.key(i) ?? '')
      .filter((key) => key.startsWith(prefix))
      .sort();
  }

  function read<T>(prefix: string): T[] {
    return keys(prefix).flatMap((key) => {
      const text = storage.getItem(key);
      return text === null ? [] : [JSON.parse(text) as T];
    });
  }

  const waiting = () => read<Waiting>(WAITING);
  const refused = () => read<Refused>(REFUSED);

  /** Sends from the front until the queue is empty or the server is away; true when nothing is left. */
  async function deliverAll(): Promise<boolean> {
    for (;;) {
      const next = waiting()[0];
      if (!next) return true;
      const delivery = await world.send(next.entry);
      if (delivery.kind === 'away') return false;
      if (delivery.kind === 'delivered') world.onDelivered(next.entry);
      else storage.setItem(REFUSED + next.key, JSON.stringify({ ...next, reason: delivery.reason }));
      storage.removeItem(WAITING + next.key);
      world.onChange();
    }
  }

  return {
    waiting,
    refused,
    /**
     * Keeps an entry on the device.
     * @throws when the device has no room; then nothing was logged
     */
    add(entry: Entry): void {
      const key = world.newKey();
      storage.setItem(WAITING + key, JSON.stringify({ key, entry } satisfies Waiting));
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
    /** The person has seen a refusal. */
    dismiss(key: string): void {
      storage.removeItem(REFUSED + key);
      world.onChange();
    },
  };
}

export type Outbox = ReturnType<typeof createOutbox>;
