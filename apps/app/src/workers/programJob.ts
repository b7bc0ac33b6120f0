import type { CheckedProgram } from '@zero-point/core/program/checkProgram';
import type { CheckContext } from '@zero-point/core/program/checkContext';
import { runWorker, type RunningWorker } from './runWorker';

/** What the program worker is asked: to hold a file against what is set. */
export interface ProgramCheckJob {
  file: Blob;
  set: CheckContext;
}

/** Reads and checks a program away from the screen. */
export const runProgramCheck = (
  job: ProgramCheckJob,
  onProgress: (share: number) => void,
): RunningWorker<CheckedProgram> =>
  runWorker(new Worker(new URL('./program.worker.ts', import.meta.url)), job, onProgress);
