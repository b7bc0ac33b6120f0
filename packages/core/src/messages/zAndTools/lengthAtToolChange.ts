import type { SetupState } from '../../state/basis/setupState';
import { lastZeroing } from '../../state/basis/activeRecords';
import { lengthIsOver, zSetByProbe } from '../../state/zAndTools/zZero';
import { tableAnswer } from '../../state/zAndTools/toolTable';
import { zSetWith, zToolChanged } from '../../state/verify/recheckZ';
import { keepsTable } from '../../zAndTools/schools';
import { staleWords, zToolChangedWords } from './lengthValidity';

/** What stands against a tool that goes into the spindle, and whether it was known once and is so no more. */
export interface LengthAtChange {
  grave: boolean;
  said: string;
}

/**
 * What to say of a tool's length as it goes into the spindle, before it goes down: it is another than it was, there is none,
 * or Z is by another tool where no lengths are kept. Undefined where it is known, and where Z was not set here at all.
 */
export function lengthAtChange(book: SetupState, tool: number): LengthAtChange | undefined {
  const zTool = zToolChanged(book);
  if (zTool !== undefined) return { grave: true, said: `${zToolChangedWords(zTool)} Set Z again in Z & tools.` };
  const set = lastZeroing(book, 'z');
  if (set && zSetByProbe(book, set))
    return { grave: true, said: `Z counts with the probe. Touch off tool ${tool} in Z & tools first.` };
  const keeps = keepsTable(book.machine.habits.toolLengthSchool);
  const row = tableAnswer(book).rows.find(({ number }) => number === tool);
  // Kept again for the machine since, it is known again, whatever was touched here before.
  const known = keeps && row !== undefined && (row.length !== null || row.kept !== null);
  if (known) return undefined;
  if (lengthIsOver(book, tool) || row?.changed === 'tool')
    return { grave: true, said: `Tool ${tool} was re-clamped, ground or exchanged: touch it off again in Z & tools.` };
  if (row?.changed) return { grave: true, said: `${staleWords(tool, row.changed)} Touch it again.` };
  if (lastZeroing(book, 'z') === undefined || row?.isReference) return undefined;
  if (keeps) return { grave: false, said: `Tool ${tool} has no length now: touch it off in Z & tools.` };
  const by = zSetWith(book);
  return by === undefined || by === tool
    ? undefined
    : { grave: false, said: `Z is by tool ${by}: touch tool ${tool} in Z & tools, and set Z again.` };
}
