import type { SetupState } from '../../state/basis/setupState';
import { closingCheck } from '../../state/zAndTools/toolTable';
import { keepsTable } from '../../zAndTools/schools';
import { formatLengthUnit, type LengthFormat } from '../../units/formatLength';

/** The reference tool touched again at the end: what it must show, or whether it came back. */
export interface ClosingWords {
  words: string;
  agrees: boolean | null;
}

/** What is said of the closing check; undefined while no other tool was touched. */
export function closingWords(book: SetupState, format: LengthFormat): ClosingWords | undefined {
  // Touched off at every change: each tool sets Z itself, and no round of tools is to be closed.
  if (!keepsTable(book.machine.habits.toolLengthSchool)) return undefined;
  const check = closingCheck(book);
  if (!check) return undefined;
  const tool = book.setup.referenceTool;
  const must = `${formatLengthUnit(check.expected, format)} ±${formatLengthUnit(check.U, format)}`;
  if (check.shown === null)
    return { agrees: null, words: `At the end touch the gauge with tool ${tool} again: Z must come back to ${must}.` };
  const came = formatLengthUnit(check.shown, format);
  return {
    agrees: check.agrees,
    words:
      check.agrees === true
        ? `Tool ${tool} came back to ${came}, as it must: ${must}.`
        : `Tool ${tool} came back to ${came}, but must show ${must}. Something moved: touch off the tools again.`,
  };
}
