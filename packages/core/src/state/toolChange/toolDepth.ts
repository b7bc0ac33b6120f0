import { depthShown } from '../../zAndTools/depthShown';
import { keepsTable } from '../../zAndTools/schools';
import { Refusal } from '../../problem/problem';
import { hasController } from '../../records/shop/machine';
import type { Working } from '../../working/working';
import type { SetupState } from '../basis/setupState';
import type { Stop } from '../holes/driveStops';
import { lastZeroing } from '../basis/activeRecords';
import { depthOfStop, toolOfStop } from '../holes/machiningOrder';
import { referenceChanged, zSetByProbe, zZeroAnswer } from '../zAndTools/zZero';
import { changeU } from './touchOffPoint';
import { tableAnswer } from '../zAndTools/toolTable';
import { zSetWith, zToolChanged } from '../verify/recheckZ';
import { topAboveZero } from '../zAndTools/zZeroHeight';

/** Where the tip of the tool in the spindle is told to be, as the display shows it. mm. */
export type ToolDepth =
  | {
      kind: 'shown';
      /** Z with the tip on the part's top, and at full depth. */
      start: number;
      deepest: number;
      /** How much more Z shows with this tool than with the one that set it. */
      shift: number;
      /** The tool that set Z. */
      setter: number;
      /** Of the figures (95 %); null where it is not known how well Z was set. */
      U: number | null;
      /** The control adds the length itself, where it is called. */
      byControl: boolean;
      tape: Working;
    }
  /** Nothing tells how long this tool is against the one that set Z. */
  | { kind: 'touch-off'; tool: number; setter: number | undefined }
  /** Z is by a probe whose length against the tools nobody knows; not set here; or the top's height above zero is not known. */
  | { kind: 'by-probe'; tool: number }
  | { kind: 'not-set' }
  | { kind: 'no-top' };

/**
 * The same of a stop, by the tool the shop has for it; undefined where nothing says how deep it goes, or it has no tool.
 */
export function depthAtStop(book: SetupState, stop: Stop): { tool: number; depth: ToolDepth } | undefined {
  const tool = toolOfStop(book, stop)?.number;
  if (tool === undefined) return undefined;
  try {
    return { tool, depth: toolDepth(book, tool, depthOfStop(book, stop).tip) };
  } catch (error) {
    if (error instanceof Refusal) return undefined;
    throw error;
  }
}

/** U of a length that was kept without its own, mm. */
const KEPT_U = 0.05;

/** Lengths kept for a machine compare with what is touched today, but where they count from a part that lay there then. */
const keptCompares = ({ machine }: SetupState): boolean => machine.habits.toolLengthSchool !== 'touch-part';

/** A tool's length in the machine's school, mm, with its U; undefined where it is not known, or no more. */
function lengthOf(book: SetupState, number: number): { H: number; U: number } | undefined {
  const { machine, setup, toolTable } = book;
  const { toolLengthSchool: school } = machine.habits;
  if (!keepsTable(school)) return undefined;
  if (school === 'reference-tool' && number === setup.referenceTool)
    return referenceChanged(book) ? undefined : { H: 0, U: 0 };
  const row = tableAnswer(book).rows.find((one) => one.number === number);
  if (!row) return undefined;
  if (row.length !== null) return { H: row.length, U: row.U ?? 0 };
  if (row.kept === null || !keptCompares(book)) return undefined;
  return { H: row.kept, U: toolTable?.rows.find((one) => one.number === number)?.U ?? KEPT_U };
}

/**
 * What Z shows at the top and at full depth with a tool in the spindle. A control that keeps a table adds the length itself;
 * everywhere else the figure has it: see {@link depthShown}. Where tools are touched off at every change, Z counts for the
 * tool it was set with alone.
 *
 * @param tip how far the tool's lowest point goes below the part's top, mm
 */
export function toolDepth(book: SetupState, tool: number, tip: number): ToolDepth {
  const set = lastZeroing(book, 'z');
  if (set === undefined) return { kind: 'not-set' };
  const setter = zSetWith(book);
  const top = topAboveZero(book);
  if (zSetByProbe(book, set)) return { kind: 'by-probe', tool };
  if (setter === undefined || zToolChanged(book) !== undefined) return { kind: 'touch-off', tool, setter };
  const own = tool === setter ? { H: 0, U: 0 } : lengthOf(book, tool);
  const other = tool === setter ? { H: 0, U: 0 } : lengthOf(book, setter);
  if (!own || !other) return { kind: 'touch-off', tool, setter };
  if (top === undefined) return { kind: 'no-top' };
  const byControl = hasController(book.machine) && keepsTable(book.machine.habits.toolLengthSchool);
  const at = (z: number) => depthShown({ z, length: byControl ? 0 : own.H, setterLength: byControl ? 0 : other.H });
  const deepest = at(top - tip);
  const zero = zZeroAnswer(book)?.result.uncertainty.U;
  return {
    kind: 'shown',
    start: at(top).shown,
    deepest: deepest.shown,
    shift: byControl ? 0 : own.H - other.H,
    setter,
    U: zero === undefined ? null : Math.hypot(zero, own.U, other.U, changeU(book)),
    byControl,
    tape: deepest.tape,
  };
}
