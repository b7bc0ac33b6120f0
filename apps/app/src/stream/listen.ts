import { createHub, type Hub, type StreamListener, type Topic } from './hub';
import type { PortAsked, PortSummary } from './port';

interface Heed {
  /** Of a setup: the place in its record from which news are wanted; asked again whenever it listens again. */
  since?: () => number;
  /** Told when the server is heard again after it was not: what it said meanwhile was missed. */
  again?: () => void;
  /** Goes on while nobody sees the page, where all windows share one stream: for what a machine tells once. */
  unseen?: boolean;
}

/** The script of the worker that windows share, written into the page at the build; none while it is being worked on. */
const sharedScript = (): string | undefined => document.querySelector<HTMLMetaElement>('meta[name="stream"]')?.content;

/** The hub of all windows, in a worker they share. */
function sharedHub(script: string): Hub {
  const { port } = new SharedWorker(script, { name: 'zero-point-stream' });
  const own = new Map<number, StreamListener>();
  let numbers = 0;
  const ask = (asked: PortAsked) => port.postMessage(asked);
  port.onmessage = ({ data: told }: MessageEvent<PortSummary>) => {
    const listener = own.get(told.number);
    if ('again' in told) listener?.again?.();
    else listener?.heard(told.data);
  };
  // A window that is closed cannot be seen to be gone from there.
  window.addEventListener('pagehide', () => ask({ do: 'leave' }));
  window.addEventListener('pageshow', ({ persisted }) => {
    if (!persisted) return;
    for (const [number, { topic, since, again }] of own) {
      ask({ do: 'listen', number, topic, since });
      again?.();
    }
  });
  return {
    listen: (listener) => {
      numbers += 1;
      const number = numbers;
      own.set(number, listener);
      ask({ do: 'listen', number, topic: listener.topic, since: listener.since });
      return () => {
        own.delete(number);
        ask({ do: 'stop', number });
      };
    },
  };
}

interface Streams extends Hub {
  /** All windows of the browser listen through one. */
  shared: boolean;
}

let streams: Streams | undefined;

function hub(): Streams {
  const script = typeof SharedWorker === 'undefined' ? undefined : sharedScript();
  streams ??=
    script === undefined
      ? { ...createHub((url) => new EventSource(url)), shared: false }
      : { ...sharedHub(script), shared: true };
  return streams;
}

/**
 * Hears what the server tells of something; gives back how to stop. Where a browser cannot, nothing is heard.
 *
 * A page that nobody sees stops listening, and listens again when it is seen. One that must not shares the stream of another
 * window; where windows cannot share it lets go too.
 */
export function listen(
  topic: Topic,
  heard: (data: unknown) => void,
  { since, again, unseen = false }: Heed = {},
): () => void {
  if (typeof EventSource === 'undefined') return () => undefined;
  let stop: (() => void) | undefined;
  let missed = false;
  const look = () => {
    if (document.hidden && !(unseen && hub().shared)) {
      if (stop) missed = true;
      stop?.();
      stop = undefined;
    } else if (!stop) {
      stop = hub().listen({ topic, since: since?.(), heard, again });
      if (missed) again?.();
      missed = false;
    }
  };
  look();
  document.addEventListener('visibilitychange', look);
  return () => {
    document.removeEventListener('visibilitychange', look);
    stop?.();
  };
}
