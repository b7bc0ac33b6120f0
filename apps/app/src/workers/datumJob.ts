import type { DatumModel } from '@zero-point/core/datum/datumModel';
import type { Simulated } from '@zero-point/core/metrology/monteCarlo';

/** What the datum worker is asked. */
export interface DatumJob {
  model: DatumModel;
  trials: number;
  seed: number;
}

/** What it tells on the way, and at the end. */
export type DatumReport = { kind: 'progress'; done: number } | { kind: 'done'; result: Simulated };

/** A job under way; to cancel it ends the worker at once. */
export interface RunningDatum {
  result: Promise<Simulated | undefined>;
  cancel: () => void;
}

/** Runs one job in a worker of its own. */
export function runDatum(job: DatumJob, onProgress: (done: number) => void): RunningDatum {
  const worker = new Worker(new URL('./datum.worker.ts', import.meta.url));
  let stop: () => void = () => undefined;
  const result = new Promise<Simulated | undefined>((resolve, reject) => {
    stop = () => resolve(undefined);
    worker.onmessage = ({ data }: MessageEvent<DatumReport>) => {
      if (data.kind === 'progress') onProgress(data.done);
      else resolve(data.result);
    };
    worker.onerror = ({ message }) => reject(new Error(message));
    worker.postMessage(job);
  }).finally(() => worker.terminate());
  return { result, cancel: () => stop() };
}
