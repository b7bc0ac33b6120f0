import type { DatumModel } from '@zero-point/core/datum/datumModel';
import type { Simulated } from '@zero-point/core/metrology/monteCarlo';
import { runWorker, type RunningWorker } from './runWorker';

/** What the datum worker is asked. */
export interface DatumJob {
  model: DatumModel;
  trials: number;
  seed: number;
}

/** Tries a datum out in a worker of its own. */
export const runDatum = (job: DatumJob, onProgress: (share: number) => void): RunningWorker<Simulated> =>
  runWorker(new Worker(new URL('./datum.worker.ts', import.meta.url)), job, onProgress);
