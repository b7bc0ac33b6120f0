import type { FileHole, ReadHoles } from '@zero-point/core/holes/fileHole';
import type { HolesProgramJob } from '@zero-point/core/formats/holes/holesProgram';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { runWorker, type RunningWorker } from './runWorker';

export type HolesFormat = 'csv' | 'json' | 'dxf' | 'program';

/** What the holes worker is asked: to read a file, or to write one. */
export type HolesJob =
  | { kind: 'read'; file: Blob; format: HolesFormat; unit?: LengthUnit }
  | { kind: 'write-dxf'; holes: FileHole[]; unit: LengthUnit }
  | { kind: 'write-json'; holes: FileHole[] }
  | { kind: 'write-program'; job: HolesProgramJob };

const worker = () => new Worker(new URL('./holes.worker.ts', import.meta.url));

/** Reads holes from a file; refused with the code `unit-unknown` where the file does not say its unit. */
export const readHoles = (job: Extract<HolesJob, { kind: 'read' }>): RunningWorker<ReadHoles> =>
  runWorker(worker(), job);

/** Writes a file; its text. */
export const writeHoles = (job: Exclude<HolesJob, { kind: 'read' }>): RunningWorker<string> => runWorker(worker(), job);
