import { tableAnswer, type TableAnswer } from '@zero-point/core/state/zAndTools/toolTable';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { toolTableCsv, toolTableJson, toolTableProgram, type ToolTable } from '@zero-point/core/formats/toolTable';
import { saveFile } from './saveFile';

/** The lengths that are known, as files have them. */
const tableOf = (book: SetupState, { school, rows }: TableAnswer): ToolTable => ({
  school,
  unit: book.setup.units,
  rows: rows.flatMap(({ number, name, length }) => (length === null ? [] : [{ number, name, length }])),
});

/** Hands the tool table to the person as a file, made on the device so that it works with the server away. */
export function saveTable(book: SetupState, kind: 'csv' | 'json' | 'program'): void {
  const table = tableOf(book, tableAnswer(book));
  const [text, type, end] =
    kind === 'csv'
      ? [toolTableCsv(table), 'text/csv', 'csv']
      : kind === 'json'
        ? [toolTableJson(table), 'application/json', 'json']
        : [toolTableProgram(table, book.machine.habits.dialect), 'text/plain', 'nc'];
  saveFile(text, type, `${book.machine.id}-tools.${end}`);
}
