import type { SetupState } from '../../state/basis/setupState';
import { runOutAllowed, runOutUsual } from '../../state/zAndTools/runOut';
import { tableAnswer } from '../../state/zAndTools/toolTable';
import type { Tool } from '../../records/shop/cutter';
import { formatLengthUnit } from '../../units/formatLength';

/**
 * What makes a run-out worth little before it is read: no true length to count the height above the tip from, or a limit
 * that was set for a larger cutter. A sentence each, with what to do.
 */
export function runOutDoubts(book: SetupState, tool: Tool): string[] {
  const size = (mm: number) => formatLengthUnit(mm, { unit: book.setup.units });
  const row = tableAnswer(book).rows.find(({ number }) => number === tool.number);
  const known = row?.isReference === true || (row !== undefined && (row.length !== null || row.kept !== null));
  const [allowed, usual] = [runOutAllowed(book, tool), runOutUsual(book, tool)];
  return [
    ...(known
      ? []
      : [
          `Tool ${tool.number} has no true length yet, and heights above its tip are only as good as that. Touch it off first.`,
        ]),
    ...(allowed > usual
      ? [
          `${size(allowed)} is more than the ${size(usual)} usual for a cutter of ${size(tool.diameter)}: is that limit for a larger cutter?`,
        ]
      : []),
  ];
}
