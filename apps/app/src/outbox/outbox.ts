import type { Entry } from '@zero-point/core/records/kinds/entry';
import type { ProblemDocument } from '@zero-point/core/schema/problemDocument';
import { documentOf, toOutboxEntry, type WaitingEntry } from '@zero-point/core/records/kinds/outboxEntry';
import { deviceLine, keyAt, nameOf, numberOf, type DeliveryTurn } from './deviceLine';
import { ASIDE, REFUSED, WAITING } from './keys';

/**
 * What was logged and is not yet in the server's log. Kept on the device from the moment it is
 * logged; delivered in order, each exactly once (the server knows an entry by its id and its number in the device's line, so
 * sending again after a lost answer stores nothing twice, and no tab overtakes another). Not a cache: a delivered entry leaves it.
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
  /** Fields of the body that are wrong, where the server named any. */
  errors?: ProblemDocument['errors'];
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
  | { kind: 'delivered' }
  | { kind: 'refused'; reason: string; errors?: ProblemDocument['errors']; current?: Current }
  | { kind: 'away'; fault?: string }
  /** Something logged before it is not stored yet, or something else was stored under its number. */
  | { kind: 'out-of-order'; expects: number };

/** What the outbox needs of the world. */
export interface OutboxWorld {
  storage: Pick<Storage, 'getItem' | 'setItem' | 'removeItem' | 'key' | 'length'>;
  /** Makes names that no other tab makes, and that sort by time. */
  newKey: () => string;
  /** Sends an entry, with where it is in the device's line; one of an older program stands in none. */
  send: (entry: Entry, turn: DeliveryTurn | undefined) => Promise<Delivery>;
  /** Runs `work` while no other tab of this device delivers. */
  exclusive: (work: () => Promise<void>) => Promise<void>;
  onDelivered: (entry: Entry) => void;
  onChange: () => void;
  /** Reads what another page left, by the schemas of every kind: undefined while that script is not there. */
  reader: () => ReadWaiting | undefined;
  /** Fetches it. */
  loadReader: () => Promise<void>;
}

/** @throws Error when what was stored is not understood */
export type ReadWaiting = (stored: unknown) => Entry;

type Kept<T> = Omit<T, 'entry'> & WaitingEntry;

/** What was set aside, with why; undefined where that itself cannot be read. */
function asideOf(stored: string): Pick<SetAside, 'text' | 'reason'> | undefined {
  try {
    const { text, reason } = JSON.parse(stored) as { text?: unknown; reason?: unknown };
    return typeof text === 'string' && typeof reason === 'string' ? { text, reason } : undefined;
  } catch {
    return undefined;
  }
}

export function createOutbox(world: OutboxWorld) {
  const { storage } = world;
  const line = deviceLine(storage, world.newKey);
  let running: Promise<boolean> | undefined;
  let fault: string | undefined;

  function keys(prefix: string): string[] {
    return Array.from({ length: storage.length }, (_, i) => storage.key(i) ?? '')
      .filter((key) => key.startsWith(prefix))
      .sort();
  }

  /** What this page wrote itself, by its text: it need not be read. */
  const own = new Map<string, Entry>();

  const write = (key: string, kept: WaitingEntry): void => {
    const text = JSON.stringify(kept);
    storage.setItem(key, text);
    own.set(text, kept.entry);
  };

  const remove = (key: string): void => {
    own.delete(storage.getItem(key) ?? '');
    storage.removeItem(key);
  };

  /** Whether something is kept that cannot be read yet. */
  const unread = (): boolean =>
    world.reader() === undefined &&
    [WAITING, REFUSED].some((prefix) => keys(prefix).some((key) => !own.has(storage.getItem(key) ?? '')));

  const learn = async (): Promise<void> => {
    if (unread()) await world.loadReader();
  };

  /** One kept thing; what cannot be read is set aside as it is, so that the rest goes on. */
  function read<T extends Waiting>(prefix: string, key: string): T[] {
    const text = storage.getItem(key);
    if (text === null) return [];
    const written = own.get(text);
    const reader = world.reader();
    if (!written && !reader) return [];
    try {
      const kept = JSON.parse(text) as Kept<T>;
      const entry = written ?? reader?.(kept);
      return entry ? [{ ...kept, key: key.slice(prefix.length), entry } as unknown as T] : [];
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

  function refuse(next: Waiting, { reason, errors, current }: Extract<Delivery, { kind: 'refused' }>): void {
    // Later saves of the same document were made of this one: the last of them is what the person meant.
    const document = current && documentOf(next.entry);
    const later =
      document === undefined
        ? []
        : waiting().filter(({ key, entry }) => key !== next.key && documentOf(entry) === document);
    const { entry } = later.at(-1) ?? next;
    const kept = { ...toOutboxEntry(entry), reason, ...(errors && { errors }), ...(current && { current }) };
    write(REFUSED + next.key, kept);
    for (const { key } of later) remove(WAITING + key);
  }

  const turnOf = (key: string): DeliveryTurn | undefined => {
    const number = numberOf(key);
    return number === undefined ? undefined : line.turn(number);
  };

  const keep = (entry: Entry): void => {
    const waitingKeys = keys(WAITING).map((key) => key.slice(WAITING.length));
    write(WAITING + keyAt(line.next(waitingKeys), world.newKey()), toOutboxEntry(entry));
  };

  /** Numbers all that wait again, in their order: what the server asks for before them is no longer on this device. */
  function closeRanks(expects: number): void {
    const numbered = keys(WAITING).filter((key) => numberOf(key.slice(WAITING.length)) !== undefined);
    line.goOn(expects + numbered.length - 1);
    // From the end that keeps their order while both names stand.
    const moves = numbered.map(
      (key, i) => [key, WAITING + keyAt(expects + i, nameOf(key.slice(WAITING.length)))] as const,
    );
    const forward = moves.some(([from, to]) => to > from);
    for (const [from, to] of forward ? moves.reverse() : moves) {
      if (from === to) continue;
      storage.setItem(to, storage.getItem(from) ?? '');
      storage.removeItem(from);
    }
  }

  /**
   * Mends the order where the server asked for another number.
   *
   * @returns false where that was tried before and did not help
   */
  function mendOrder(key: string, expects: number, before: Set<string>): boolean {
    const [first] = front();
    // Another tab delivered it meanwhile, or logged something that comes before it.
    if (first?.key !== key) return true;
    if (before.has(nameOf(key))) return false;
    before.add(nameOf(key));
    closeRanks(expects);
    return true;
  }

  /** Sends from the front until the queue is empty or the server is away; true when nothing is left. */
  async function deliverAll(): Promise<boolean> {
    const renumbered = new Set<string>();
    for (;;) {
      const entries = front();
      const [first] = entries;
      if (!first) return true;
      const delivery = await deliver(entries);
      fault = delivery.kind === 'away' ? delivery.fault : undefined;
      if (delivery.kind === 'away') return false;
      if (delivery.kind === 'out-of-order') {
        if (!mendOrder(first.key, delivery.expects, renumbered)) return false;
        continue;
      }
      remove(WAITING + first.key);
      world.onChange();
    }
  }

  /** Sends what waits under one key; how the last of it went. */
  async function deliver(entries: readonly Waiting[]): Promise<Delivery> {
    for (const next of entries) {
      const delivery = await world.send(next.entry, turnOf(next.key));
      if (delivery.kind === 'delivered') world.onDelivered(next.entry);
      else if (delivery.kind === 'refused') refuse(next, delivery);
      else return delivery;
    }
    return { kind: 'delivered' };
  }

  return {
    waiting,
    refused,
    unread,
    /** Fetches what reads it, where something is kept that cannot be read yet. */
    learn,
    /** What the server said is the matter with it, where it answered but could not store. */
    fault: (): string | undefined => fault,
    /** What could not be read. */
    aside: (): SetAside[] =>
      keys(ASIDE).map((key) => {
        const text = storage.getItem(key) ?? '';
        return { key, ...(asideOf(text) ?? { text, reason: 'not what it should be' }) };
      }),
    /**
     * Keeps an entry on the device.
     * @throws when the device has no room; then nothing was logged
     */
    add(entry: Entry): void {
      keep(entry);
      world.onChange();
    },
    /** Delivers what waits; calls while one is running join it. */
    flush(): Promise<boolean> {
      running ??= (async () => {
        let done = false;
        await learn();
        await world.exclusive(async () => {
          done = await deliverAll();
        });
        return done;
      })().finally(() => {
        running = undefined;
      });
      return running;
    },
    /** A refused entry goes to the end of the queue once more: as it is, what was in its way may be gone, or mended. */
    again(key: string, mended?: Entry): void {
      const [kept] = read<Refused>(REFUSED, REFUSED + key);
      if (!kept) return;
      keep(mended ?? kept.entry);
      remove(REFUSED + key);
      world.onChange();
    },
    /** The person has seen a refusal, or saved what was set aside. */
    dismiss(key: string): void {
      remove(key.startsWith(ASIDE) ? key : REFUSED + key);
      world.onChange();
    },
  };
}
