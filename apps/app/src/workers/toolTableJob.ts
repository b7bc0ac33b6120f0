import type { TableChange, ToolRow } from '@zero-point/core/formats/toolTable';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { runWorker, type RunningWorker } from './runWorker';

/** A tool table as a file, the unit its figures are in where it does not say, and the rows kept now. */
export interface ToolTableJob {
  file: Blob;
  unit: LengthUnit;
  now: readonly ToolRow[];
}

/** Changes from the file. */
export const readToolTable = (job: ToolTableJob): RunningWorker<TableChange[]> =>
  runWorker(new Worker(new URL('./toolTable.worker.ts', import.meta.url)), job);
