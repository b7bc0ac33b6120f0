import type { CentreSweepInput, CentreSweepOutput } from '@zero-point/core/alignment/centreSweep.schema';
import type { LengthUnit } from '@zero-point/core/units/unit';

/** What the sweep worker is asked. */
export interface SweepJob extends Pick<CentreSweepInput, 'feature' | 'indicator' | 'allowed'> {
  /** The file as it is. */
  text: string;
  /** Unit of readings whose column does not say its own. */
  unit: LengthUnit;
}

/** What it answers. */
export type SweepAnswer =
  { ok: true; points: CentreSweepInput['points']; result: CentreSweepOutput } | { ok: false; message: string };

/** Runs one job in a worker of its own. */
export function runSweep(job: SweepJob): Promise<SweepAnswer> {
  const worker = new Worker(new URL('./sweep.worker.ts', import.meta.url));
  return new Promise<SweepAnswer>((resolve, reject) => {
    worker.onmessage = ({ data }: MessageEvent<SweepAnswer>) => resolve(data);
    worker.onerror = ({ message }) => reject(new Error(message));
    worker.postMessage(job);
  }).finally(() => worker.terminate());
}
