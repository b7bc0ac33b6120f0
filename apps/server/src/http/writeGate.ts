import type { RequestHandler } from 'express';

/** Lets writes wait while another process writes: two at once would hold each other up on the file's lock. */
export function createWriteGate() {
  let writing: Promise<unknown> = Promise.resolve();
  return {
    /** Writes of this process wait here; reads pass. */
    pass: (async (request, _response, next) => {
      if (request.method !== 'GET' && request.method !== 'HEAD') await writing;
      next();
    }) satisfies RequestHandler,
    /** Runs what writes elsewhere, one after the other, with this process' writes held back. */
    closedFor: async <T>(work: () => Promise<T>): Promise<T> => {
      const before = writing;
      const mine = before.then(work, work);
      writing = mine.catch(() => undefined);
      return mine;
    },
  };
}

export type WriteGate = ReturnType<typeof createWriteGate>;
