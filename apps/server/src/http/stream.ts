import { createSession } from 'better-sse';
import type { Request, Response } from 'express';

/** What may lie unread on its way to a listener, bytes; and how long it may lie there, ms. */
const UNREAD = 256_000;
const PATIENCE = 10_000;

const KEEP_ALIVE = 15_000;

/** A listener's stream of events. */
export interface Stream {
  /** Says that there is something new: `send` is called at once, or as soon as what was sent before is on its way. */
  wake: () => void;
  /** Told once, when the listener is gone. */
  onEnd: (ended: () => void) => void;
}

type Push = (data: unknown, event: string, id?: string) => void;

/**
 * Opens a stream of events. A listener that reads slowly is sent nothing further until it has read what it was sent, so that
 * it holds no more than one piece of news; one that reads nothing is hung up on, and takes up where it stopped when it asks
 * again.
 *
 * @param send pushes what is new since it was called last
 */
export async function openStream(request: Request, response: Response, send: (push: Push) => void): Promise<Stream> {
  const session = await createSession(request, response, { keepAlive: KEEP_ALIVE });
  let late: NodeJS.Timeout | undefined;
  let pending = false;
  const push: Push = (data, event, id) => void session.push(data, event, id);
  const drained = () => {
    clearTimeout(late);
    late = undefined;
    if (!pending) return;
    pending = false;
    wake();
  };
  function wake(): void {
    if (late) {
      pending = true;
      return;
    }
    send(push);
    if (response.writableLength <= UNREAD) return;
    late = setTimeout(() => response.destroy(), PATIENCE).unref();
    response.once('drain', drained);
  }
  session.once('disconnected', () => clearTimeout(late));
  return { wake, onEnd: (ended) => void session.once('disconnected', ended) };
}
