import { runOut } from '../zAndTools/runOut';
import { runOutInput, runOutOutput } from '../zAndTools/runOut.schema';
import { toolTableCheck } from '../zAndTools/toolTableCheck';
import { toolTableCheckInput, toolTableCheckOutput } from '../zAndTools/toolTableCheck.schema';
import { toolLength } from '../zAndTools/toolLength';
import { toolLengthInput, toolLengthOutput } from '../zAndTools/toolLength.schema';
import { zZero } from '../zAndTools/zZero';
import { zZeroInput, zZeroOutput } from '../zAndTools/zZero.schema';
import { calculation, exact } from './calculation';

/** Z zero, tool lengths, run-out, tool tables. */
export const HEIGHTS = {
  'z-zero': calculation({
    name: 'z-zero',
    summary: 'Z zero from a gauge of known thickness under the tool',
    input: zZeroInput,
    output: zZeroOutput,
    reckon: zZero,
  }),
  'tool-length': calculation({
    name: 'tool-length',
    summary: 'A tool length offset against a reference tool on the same gauge',
    input: toolLengthInput,
    output: toolLengthOutput,
    reckon: toolLength,
  }),
  'run-out': calculation({
    name: 'run-out',
    summary: 'How far a tool runs out of true: pass or alarm, offset and tilt',
    input: runOutInput,
    output: runOutOutput,
    reckon: runOut,
  }),
  'tool-table-check': exact({
    name: 'tool-table-check',
    exact: 'It takes the U of the lengths it compares; it adds none.',
    summary: 'Errors in a tool table, and the likely mistake',
    input: toolTableCheckInput,
    output: toolTableCheckOutput,
    reckon: toolTableCheck,
  }),
} as const;
