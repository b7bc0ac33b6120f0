import type { SetupState } from '../state/basis/setupState';
import { tableAnswer } from '../state/zAndTools/toolTable';
import { toolRunOut } from '../state/zAndTools/runOut';
import { neededTools } from '../state/holes/neededTools';
import { touchOffPoint } from '../state/toolChange/touchOffPoint';
import { keepsTable } from '../zAndTools/schools';
import { figureWords, setterName } from '../messages/zAndTools/toolChange';
import { formatLength } from '../units/formatLength';
import { plusMinus } from '../messages/basis/verdict';
import { LENGTH_METHOD_NAMES } from '../messages/basis/labels';
import { STALE_SHORT } from '../messages/zAndTools/lengthValidity';
import type { SheetSection } from './sheet';

/** Tools of the machine with their lengths, the sign in words, and run-out where it was read. */
export function toolSection(book: SetupState): SheetSection | undefined {
  const { setup } = book;
  const unit = setup.units;
  const { school, rows } = tableAnswer(book);
  const needed = neededTools(book);
  const shown = rows.filter(
    ({ number, isReference, length, kept, stale }) =>
      isReference || length !== null || kept !== null || stale || needed.includes(number),
  );
  if (shown.length === 0) return undefined;
  const signWords = (length: number | null): string => {
    if (length === null || school !== 'reference-tool') return '';
    return length === 0 ? 'as long' : length < 0 ? 'shorter' : 'longer';
  };
  return {
    title: `Tools, ${LENGTH_METHOD_NAMES[school]}`,
    columns: [
      { title: 'T', figures: true, share: 0.5 },
      { title: 'Cutter', share: 2.6 },
      { title: `Length, ${unit}`, figures: true, share: 1.4 },
      { title: 'That is', share: 1 },
      { title: '±', figures: true, share: 1.2 },
      { title: 'Run-out', figures: true, share: 1.1 },
    ],
    rows: shown.map(({ number, name, isReference, length, kept, U, changed }) => {
      const tool = book.tools.find((one) => one.number === number);
      const runOut = tool && toolRunOut(book, tool);
      const own = length ?? kept;
      return [
        String(number),
        name,
        isReference && school === 'reference-tool'
          ? formatLength(0, { unit })
          : own === null
            ? ''
            : formatLength(own, { unit, plus: true }),
        changed && length === null
          ? STALE_SHORT[changed]
          : isReference
            ? 'reference'
            : own === null
              ? keepsTable(school)
                ? 'no length'
                : 'at its change'
              : signWords(own),
        U === null || length === null ? '' : plusMinus(U, unit),
        runOut ? formatLength(Math.max(...runOut.result.tir), { unit }) : '',
      ];
    }),
    lines: spotLines(book),
    tone: 'plain',
  };
}

/** Where no table is kept: what the touch-off point shows, and the tool that Z counts with. */
function spotLines(book: SetupState): string[] {
  const { kept, setter } = touchOffPoint(book);
  if (keepsTable(book.machine.habits.toolLengthSchool) || setter === undefined) return [];
  const counts = `Z counts with ${setterName(setter)}.`;
  return kept ? [`Tool touch-off point: ${figureWords(book, kept)}. ${counts}`] : [counts];
}
