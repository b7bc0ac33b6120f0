import type { CentreSweepInput, CentreSweepOutput } from '@zero-point/core/alignment/centreSweep.schema';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { runWorker, type RunningWorker } from './runWorker';

/** What the sweep worker is asked. */
export interface SweepJob extends Pick<CentreSweepInput, 'feature' | 'indicator' | 'allowed'> {
  /** The file as it is. */
  text: string;
  /** Unit of readings whose column does not say its own. */
  unit: LengthUnit;
}

/** What it answers. */
export interface SweepAnswer {
  points: CentreSweepInput['points'];
  result: CentreSweepOutput;
}

/** Reads and fits a sweep in a worker of its own. */
export const runSweep = (job: SweepJob): RunningWorker<SweepAnswer> =>
  runWorker(new Worker(new URL('./sweep.worker.ts', import.meta.url)), job);
