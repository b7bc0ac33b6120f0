import { checkProgram, LARGEST_PROGRAM, type CheckedProgram } from '@zero-point/core/program/checkProgram';
import type { ProgramCheckJob } from './programJob';
import { serveWork } from './serveWork';

/** Holds a program against what is set. Larger files than are read are not even loaded. */
serveWork<ProgramCheckJob, CheckedProgram>(async ({ file, set }, tell) =>
  checkProgram(new Uint8Array(await file.slice(0, LARGEST_PROGRAM + 1).arrayBuffer()), set, tell),
);
