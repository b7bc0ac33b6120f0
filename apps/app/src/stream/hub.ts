/** What can be heard of: the shop's list of what changed, a setup's own news, a machine's link. */
export type Topic = 'shop' | `setup:${string}` | `link:${string}`;

/** One who listens. */
export interface StreamListener {
  topic: Topic;
  /** Of a setup: the place in its record from which news are wanted. */
  since?: number | undefined;
  heard: (data: unknown) => void;
  /** The server is heard again after it was not: what it said meanwhile was missed. */
  again?: (() => void) | undefined;
}

/** An event of the server's stream, as it is sent. */
interface StreamEvent {
  of: Topic;
  data: unknown;
}

/** How long it is waited for others before the stream is opened again, ms: a page that opens asks for several things at once. */
const TOGETHER = 20;

/** A stream that the browser gave up, as where a device was dismissed, is tried again after so long, and ever more seldom, ms. */
const FIRST_TRY = 1000;
const LAST_TRY = 30_000;

const seqOf = (data: unknown): number | undefined =>
  typeof data === 'object' && data !== null && 'seq' in data && typeof data.seq === 'number' ? data.seq : undefined;

/**
 * One stream from the server for all who listen: a browser keeps six connections to a server for all its windows together,
 * and a seventh would wait for ever.
 *
 * @param open a connection at an address, as the browser's `EventSource`
 */
export function createHub(open: (url: string) => EventSource) {
  const listeners = new Set<StreamListener>();
  /** How far each setup was heard, and what was last said of each link. */
  const reached = new Map<Topic, number>();
  const latest = new Map<Topic, unknown>();
  let source: EventSource | undefined;
  /** Streams that go on until the one that takes their place is heard. */
  const before = new Set<EventSource>();
  let topics = '';
  let timer: ReturnType<typeof setTimeout> | undefined;
  let missed = false;
  let patience = FIRST_TRY;

  const wanted = (): Topic[] => [...new Set([...listeners].map(({ topic }) => topic))].sort();

  const address = (of: readonly Topic[]): string =>
    `/api/stream?${of
      .map((topic) => {
        const since = reached.get(topic);
        return `of=${encodeURIComponent(since === undefined ? topic : `${topic}:${since}`)}`;
      })
      .join('&')}`;

  function take({ data: text }: MessageEvent<string>): void {
    const { of, data } = JSON.parse(text) as StreamEvent;
    const seq = seqOf(data);
    if (of.startsWith('setup:') && seq !== undefined) reached.set(of, Math.max(seq, reached.get(of) ?? 0));
    if (of.startsWith('link:')) latest.set(of, data);
    for (const listener of listeners) if (listener.topic === of) listener.heard(data);
  }

  function closeBefore(): void {
    for (const one of before) one.close();
    before.clear();
  }

  /** Opens a stream of what is wanted now; the one before goes on until the new one is heard, so that nothing is missed. */
  function reopen(): void {
    timer = undefined;
    const of = wanted();
    topics = of.join();
    if (source) before.add(source);
    source = undefined;
    if (of.length === 0) return closeBefore();
    const next = open(address(of));
    source = next;
    next.addEventListener('told', take as EventListener);
    next.addEventListener('open', () => {
      if (source === next) closeBefore();
      if (missed) for (const { again } of listeners) again?.();
      missed = false;
      patience = FIRST_TRY;
    });
    next.addEventListener('error', () => {
      missed = true;
      // Given up by the browser: it does not try again by itself.
      if (next.readyState !== 2 || source !== next) return;
      later(patience);
      patience = Math.min(2 * patience, LAST_TRY);
    });
  }

  function later(ms: number): void {
    timer ??= setTimeout(reopen, ms);
  }

  return {
    /** Listens; gives back how to stop. */
    listen: (listener: StreamListener): (() => void) => {
      const { topic, since } = listener;
      const known = reached.get(topic);
      const others = [...listeners].some((one) => one.topic === topic);
      listeners.add(listener);
      // Where it joins others, what it lacks is told again to all: what is known already changes nothing.
      if (since !== undefined && (!others || known === undefined || since < known)) reached.set(topic, since);
      if (others && latest.has(topic)) listener.heard(latest.get(topic));
      if (!others || (since !== undefined && known !== undefined && since < known)) later(TOGETHER);
      return () => {
        listeners.delete(listener);
        if (wanted().join() === topics) return;
        if (![...listeners].some((one) => one.topic === topic)) {
          reached.delete(topic);
          latest.delete(topic);
        }
        later(TOGETHER);
      };
    },
  };
}

export type Hub = ReturnType<typeof createHub>;
