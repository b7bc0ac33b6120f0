import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { parseLength } from '@zero-point/core/units/parseLength';
import { uuidv7 } from 'uuidv7';
import { logRow } from '../../commands/logEntry';
import { type MeasureDraft, thingOf, lacking } from './measureView';
import { activeMeasurements } from '@zero-point/core/state/verify/measurements';
import type { RecheckTouch } from '@zero-point/core/state/verify/recheckTargets';
import { logTouch } from '../../commands/logTouch';
import type { TypedOrCaptured } from '../../commands/typedEntry';
import type { CheckedProgram } from '@zero-point/core/program/checkProgram';
import { findingCount } from './programView';

/** Logs what a gauge shows of the part; gives back what is wrong instead, and then logs nothing. */
export function logMeasurement(book: SetupState, draft: MeasureDraft, text: string): string | undefined {
  const of = thingOf(draft);
  if (!of) return lacking(draft);
  if (draft.gaugeId === undefined) return 'Choose the measuring gauge.';
  const read = parseLength(text, book.setup.units);
  if (!read.ok)
    return read.code === 'empty' ? 'Type what it shows, then log it.' : `${read.message} (place ${read.at + 1})`;
  logRow({
    kind: 'measurement',
    setupId: book.setup.id,
    body: {
      id: uuidv7(),
      of,
      gaugeId: draft.gaugeId,
      value: read.mm,
      source: { by: 'typed', text: text.trim(), unit: book.setup.units },
      at: new Date().toISOString(),
    },
  });
  return undefined;
}

/** Signs the first part with everything measured of it. */
export function signFirstPart(book: SetupState, verdict: 'in' | 'out', by: string, note: string): void {
  logRow({
    kind: 'firstPart',
    setupId: book.setup.id,
    body: {
      id: uuidv7(),
      verdict,
      by: by.trim(),
      measured: activeMeasurements(book).map(({ id }) => id),
      note: note.trim(),
      at: new Date().toISOString(),
    },
  });
}

/** Logs something touched again since its axis was set; gives back what is wrong with it instead. */
export function logRecheck(
  book: SetupState,
  { subject, axis, approach, use, byControl }: RecheckTouch,
  said: TypedOrCaptured,
  ticked: string[],
) {
  return logTouch(book, { subject, axis, approach, ...use, ticked }, said, undefined, byControl ? {} : undefined);
}

/** Logs that a program was held against what is set. */
export function logProgramCheck(book: SetupState, file: File, { told, findings }: CheckedProgram): void {
  logRow({
    kind: 'programCheck',
    setupId: book.setup.id,
    body: {
      id: uuidv7(),
      file: file.name.slice(0, 255),
      size: file.size,
      lines: told.lines,
      checkedTo: told.checkedTo,
      tools: told.tools.flatMap(({ number }) => (number > 0 ? [number] : [])).slice(0, 500),
      stops: findingCount(findings, 'stop'),
      minds: findingCount(findings, 'mind'),
      at: new Date().toISOString(),
    },
  });
}
