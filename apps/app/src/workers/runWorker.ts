import { proxy, wrap } from 'comlink';
import type { WorkerTask } from './serveWork';

/** A job under way; to cancel it ends the worker at once and gives nothing. */
export interface RunningWorker<T> {
  result: Promise<T | undefined>;
  cancel: () => void;
}

/** A job a worker would not do, with what to mend. */
export class WorkRefused extends Error {
  constructor(
    readonly code: string,
    message: string,
  ) {
    super(message);
    this.name = 'WorkRefused';
  }
}

/**
 * Gives a worker its one job, and ends it after.
 *
 * @throws WorkRefused by the promise, where it would not do the job
 */
export function runWorker<J, T>(
  worker: Worker,
  job: J,
  onProgress: (share: number) => void = () => undefined,
): RunningWorker<T> {
  let stop: () => void = () => undefined;
  let over = false;
  // What is told comes by a way of its own, so the last of it may be behind the answer.
  const tellWhileUnderWay = (share: number) => {
    if (!over) onProgress(share);
  };
  const remote = wrap<WorkerTask<J, T>>(worker);
  const result = new Promise<T | undefined>((resolve, reject) => {
    stop = () => {
      over = true;
      resolve(undefined);
    };
    worker.onerror = ({ message }) => reject(new Error(message));
    // A proxied call is a promise whatever it gives.
    const run = remote.run as (job: J, tell: (share: number) => void) => ReturnType<WorkerTask<J, T>['run']>;
    run(job, proxy(tellWhileUnderWay)).then((outcome) => {
      over = true;
      if (outcome.ok) resolve(outcome.result);
      else reject(new WorkRefused(outcome.code, outcome.message));
    }, reject);
  }).finally(() => worker.terminate());
  return { result, cancel: () => stop() };
}
