import { Refusal } from '@zero-point/core/problem/problem';
import { expose } from 'comlink';

/** What a worker answers: what it found, or why it would not. */
export type WorkOutcome<T> = { ok: true; result: T } | { ok: false; code: string; message: string };

/** A worker as the page sees it: given one job, told how far it is. */
export interface WorkerTask<J, T> {
  run: (job: J, tell: (share: number) => void) => Promise<WorkOutcome<T>>;
}

/** Serves one kind of work. What refuses says so in words; anything else is a fault, and is said to be one. */
export function serveWork<J, T>(work: (job: J, tell: (share: number) => void) => T | Promise<T>): void {
  const served: WorkerTask<J, T> = {
    run: async (job, tell) => {
      try {
        return { ok: true, result: await work(job, tell) };
      } catch (error) {
        if (error instanceof Refusal) return { ok: false, code: error.code, message: error.message };
        return {
          ok: false,
          code: 'fault',
          message: 'This is a fault in Zero Point. Nothing was changed.',
        };
      }
    },
  };
  expose(served);
}
