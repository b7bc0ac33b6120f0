import type { Reading } from '@zero-point/core/contract/ledger';
import type { Snapshot } from '@zero-point/core/contract/setup';
import type { Gauge } from '@zero-point/core/contract/shop';
import {
  toolTableCsv,
  toolTableJson,
  toolTableProgram,
  type TableChange,
  type ToolTable,
} from '@zero-point/core/formats/toolTable';
import type { School } from '@zero-point/core/heights/schools';
import { tableAnswer, type TableAnswer } from '@zero-point/core/ledger/toolTable';
import { saveFile } from '../../frame/saveFile';
import { logReading } from '../newReading';
import { logEntry } from '../useSetup';

export const SCHOOL_NAMES: Readonly<Record<School, string>> = {
  'reference-tool': 'against a reference tool',
  'touch-part': 'touched off the part',
  'true-length': 'true length, from a master',
  'touch-every-change': 'touched again at every change',
};

/** The lengths that are known, as files have them. */
const tableOf = (snapshot: Snapshot, { school, rows }: TableAnswer): ToolTable => ({
  school,
  unit: snapshot.setup.units,
  rows: rows.flatMap(({ number, name, length }) => (length === null ? [] : [{ number, name, length }])),
});

/** Hands the table to the person as a file, made on the device so that it works with the server away. */
export function saveTable(snapshot: Snapshot, kind: 'csv' | 'json' | 'program'): void {
  const table = tableOf(snapshot, tableAnswer(snapshot));
  const [text, type, end] =
    kind === 'csv'
      ? [toolTableCsv(table), 'text/csv', 'csv']
      : kind === 'json'
        ? [toolTableJson(table), 'application/json', 'json']
        : [toolTableProgram(table), 'text/plain', 'nc'];
  saveFile(text, type, `${snapshot.machine.id}-tools.${end}`);
}

type Rows = NonNullable<Snapshot['toolTable']>['rows'];

function keep(snapshot: Snapshot, school: School, rows: Rows): void {
  logEntry({
    kind: 'shop',
    setupId: '',
    collection: 'tables',
    body: { id: snapshot.machine.id, school, rows: [...rows].sort((a, b) => a.number - b.number) },
  });
}

/** Rows kept so far, where they are of the same school. */
const keptRows = ({ toolTable }: Snapshot, school: School): Rows =>
  toolTable?.school === school ? toolTable.rows : [];

/** Keeps the lengths measured now for the machine; what is not measured now stays as it was kept. */
export function keepTable(snapshot: Snapshot): void {
  const { school, rows } = tableAnswer(snapshot);
  const keptAt = new Date().toISOString();
  // A tool that runs out too far keeps what was kept of it before.
  const measured = rows.flatMap(({ number, name, length, U, runsOut }) =>
    length === null || runsOut ? [] : [{ number, name, length, keptAt, ...(U !== null && { U }) }],
  );
  const others = keptRows(snapshot, school).filter(({ number }) => !measured.some((one) => one.number === number));
  keep(snapshot, school, [...others, ...measured]);
}

/** Says that a tool was taken out of its holder and put back: its kept length is not to be trusted. */
export function refit(snapshot: Snapshot, number: number): void {
  const { toolTable } = snapshot;
  if (!toolTable) return;
  const refittedAt = new Date().toISOString();
  keep(
    snapshot,
    toolTable.school,
    toolTable.rows.map((row) => (row.number === number ? { ...row, refittedAt } : row)),
  );
}

/** Takes over what a file would change, and nothing else. */
export function takeOver(snapshot: Snapshot, changes: readonly TableChange[]): void {
  const school = snapshot.machine.habits.toolLengthSchool;
  const keptAt = new Date().toISOString();
  const taken = changes.map(({ number, name, after }) => ({ number, name, length: after, keptAt }));
  const others = keptRows(snapshot, school).filter(({ number }) => !taken.some((one) => one.number === number));
  keep(snapshot, school, [...others, ...taken]);
}

/** Logs Z with a master tool of known length on the gauge. */
export const logMaster = (snapshot: Snapshot, master: Gauge, text: string): string | undefined =>
  logReading(
    snapshot,
    {
      subject: { kind: 'master', master: master.id },
      axis: 'z',
      approach: 1,
      gaugeId: snapshot.setup.heightGaugeId,
      feeler: 0,
      ticked: [],
    },
    text,
  );

/** What a master tool was last read at, where it was. */
export const masterReading = (snapshot: Snapshot, master: Gauge): Reading | undefined =>
  snapshot.readings
    .filter(({ subject, struckBy }) => subject.kind === 'master' && subject.master === master.id && struckBy === null)
    .at(-1);
