import type { Block } from './block';
import { unknown, type Run } from './run';

/**
 * Codes that change nothing that is looked at here, in tenths: a stop that a switch leaves out, coolant, orienting the
 * spindle, rigid tapping, overrides.
 */
const HARMLESS_M = new Set([10, 70, 80, 90, 190, 290, 480, 490]);

/** Whether the program ends here. */
export function runMiscellaneous(run: Run, block: Block, line: number): boolean {
  const { state, tell } = run;
  let endsHere = false;
  for (let i = 0; i < block.m.count; i += 1) {
    const code = block.m.codes[i] ?? 0;
    if (code === 30 || code === 40 || code === 130 || code === 140) {
      state.spindle = code === 30 || code === 130 ? 'clockwise' : 'anticlockwise';
      tell.spindle(line, state);
    } else if (code === 50) state.spindle = 'stopped';
    else if (code === 60) {
      state.tool = state.selected;
      state.spindle = 'stopped';
      state.z = NaN;
      tell.change(line, state);
    } else if (code === 0) tell.stop(line, state);
    else if (code === 20 || code === 300) endsHere = true;
    else if (code === 970 || code === 980) tell.fault('subprogram', line, { code: `M${code / 10}` });
    else if (!HARMLESS_M.has(code)) unknown(run, `M${code / 10}`, line);
  }
  return endsHere;
}
