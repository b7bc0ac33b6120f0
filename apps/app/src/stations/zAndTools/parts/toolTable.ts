import type { Reading } from '@zero-point/core/records/log/reading';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import type { Gauge } from '@zero-point/core/records/shop/gauge';
import type { TableChange } from '@zero-point/core/formats/toolTable';
import type { LengthMethod } from '@zero-point/core/zAndTools/schools';
import { tableAnswer, type TableRow } from '@zero-point/core/state/zAndTools/toolTable';
import { logTouch } from '../../../commands/logTouch';
import { saveThing } from '../../../commands/logEntry';

type Rows = NonNullable<SetupState['toolTable']>['rows'];
type Row = Rows[number];

function keep(book: SetupState, school: LengthMethod, rows: Rows): void {
  const sorted = [...rows].sort((a, b) => a.number - b.number);
  saveThing(book, 'toolTable', { id: book.machine.id, school, rows: sorted });
}

/** Rows kept so far, where they are of the same school. */
const keptRows = ({ toolTable }: SetupState, school: LengthMethod): Rows =>
  toolTable?.school === school ? toolTable.rows : [];

/** What a length is kept of and held against: another cutter under either number has it not. */
function ofWhich(
  book: SetupState,
  school: LengthMethod,
  number: number,
): Pick<Row, 'cutterId' | 'against' | 'refittedAt'> {
  const cutterOf = (wanted: number) => book.tools.find((one) => one.number === wanted)?.id;
  const [cutterId, against] = [cutterOf(number), cutterOf(book.setup.referenceTool)];
  // A touch of before it was put back stays one of before, whatever is kept now.
  const refittedAt = book.toolTable?.rows.find((row) => row.number === number)?.refittedAt;
  return {
    ...(cutterId !== undefined && { cutterId }),
    ...(school === 'reference-tool' && against !== undefined && { against }),
    ...(refittedAt !== undefined && { refittedAt }),
  };
}

/** Keeps the lengths measured now for the machine; what is not measured now stays as it was kept. */
export function saveToolTable(book: SetupState): void {
  const { school, rows } = tableAnswer(book);
  const keptAt = new Date().toISOString();
  // A tool that runs out too far keeps what was kept of it before.
  const measured = rows.flatMap(({ number, name, length, U, runsOut }) => {
    if (length === null || runsOut) return [];
    return [{ number, name, length, keptAt, ...(U !== null && { U }), ...ofWhich(book, school, number) }];
  });
  const others = keptRows(book, school).filter(({ number }) => !measured.some((one) => one.number === number));
  keep(book, school, [...others, ...measured]);
}

/** Says that a tool was taken out of its holder and put back: no length of before then is to be trusted, kept or not. */
export function refit(book: SetupState, { number, name, length }: TableRow): void {
  const school = book.machine.habits.toolLengthSchool;
  const refittedAt = new Date().toISOString();
  const rows = keptRows(book, school);
  const own = rows.find((row) => row.number === number);
  const before = own ?? (length === null ? undefined : { number, name, length, keptAt: refittedAt });
  if (!before) return;
  const others = rows.filter((row) => row !== own);
  keep(book, school, [...others, { ...ofWhich(book, school, number), ...before, refittedAt }]);
}

/** Takes over what a file would change, and nothing else. */
export function applyTableChanges(book: SetupState, changes: readonly TableChange[]): void {
  const school = book.machine.habits.toolLengthSchool;
  const keptAt = new Date().toISOString();
  const taken = changes.map(({ number, name, after }) => ({
    number,
    name,
    length: after,
    keptAt,
    ...ofWhich(book, school, number),
  }));
  const others = keptRows(book, school).filter(({ number }) => !taken.some((one) => one.number === number));
  keep(book, school, [...others, ...taken]);
}

/** Logs Z with a master tool of known length on the gauge. */
export const logMaster = (book: SetupState, master: Gauge, text: string): string | undefined =>
  logTouch(
    book,
    {
      subject: { kind: 'master', master: master.id },
      axis: 'z',
      approach: 1,
      gaugeId: book.setup.heightGaugeId,
      feeler: 0,
      ticked: [],
    },
    text,
  );

/** What a master tool was last read at, where it was. */
export const masterReading = (book: SetupState, master: Gauge): Reading | undefined =>
  book.readings
    .filter(({ subject, struckBy }) => subject.kind === 'master' && subject.master === master.id && struckBy === null)
    .at(-1);
