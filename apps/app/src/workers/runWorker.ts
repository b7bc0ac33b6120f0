/** What a worker tells: how far it is, and at the end what it found, or why it would not. */
export type WorkReport<T> =
  | { kind: 'progress'; share: number }
  | { kind: 'done'; result: T }
  | { kind: 'refused'; code: string; message: string };

/** A job under way; to cancel it ends the worker at once and gives nothing. */
export interface Running<T> {
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

/** Gives a worker its one job, and ends it after. */
export function runWorker<J, T>(worker: Worker, job: J, onProgress: (share: number) => void): Running<T> {
  let stop: () => void = () => undefined;
  const result = new Promise<T | undefined>((resolve, reject) => {
    stop = () => resolve(undefined);
    worker.onmessage = ({ data }: MessageEvent<WorkReport<T>>) => {
      if (data.kind === 'progress') onProgress(data.share);
      else if (data.kind === 'done') resolve(data.result);
      else reject(new WorkRefused(data.code, data.message));
    };
    worker.onerror = ({ message }) => reject(new Error(message));
    worker.postMessage(job);
  }).finally(() => worker.terminate());
  return { result, cancel: () => stop() };
}
