import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { currentEpoch, scaleOf } from '@zero-point/core/state/basis/activeRecords';
import { airCut } from '@zero-point/core/state/zAndTools/airCut';
import { readingEpoch } from '@zero-point/core/state/toolChange/touchOffPoint';
import type { Mend } from '@zero-point/core/state/verify/corrections';
import type { DoubtfulPass } from '@zero-point/core/state/boreAndFace/doubtfulPass';
import type { NewInterruption } from '@zero-point/core/records/log/interruption';
import type { AnswerForm } from '@zero-point/core/records/shop/machine';
import type { Place, ReadingScale } from '@zero-point/core/records/values/place';
import type { NewReadBack } from '@zero-point/core/records/log/readBack';
import type { NewReading, Reading } from '@zero-point/core/records/log/reading';
import { unitOf, type Source } from '@zero-point/core/records/values/source';
import type { DialSubject, SizeSubject, Subject, TouchedSubject } from '@zero-point/core/records/values/subject';
import type { NewZeroing } from '@zero-point/core/records/log/zeroing';
import type { Approach, Axis } from '@zero-point/core/schema/quantities';
import { formatLength } from '@zero-point/core/units/formatLength';
import { parseLength, type ParsedLength } from '@zero-point/core/units/parseLength';
import { uuidv7 } from 'uuidv7';
import { logRow } from './logEntry';
import type { TypedOrCaptured } from './typedEntry';

interface Touch {
  subject: TouchedSubject;
  axis: Axis;
  approach: Approach;
  gaugeId: string;
  feeler: number;
  tool?: number;
  ticked: string[];
}

/** The control worked it out: the ball is off already. */
interface ByControl {
  /** The face's place on the part, mm, where what was typed is the zero its cycle has set. */
  place?: number;
}

const FULL = 'This device has no room left to keep the reading. Free some space, then log it again.';

/** A length as typed; on a dial turns and lines count too. What was taken from a link stands as it is. */
export function readLength(book: SetupState, axis: Axis, said: TypedOrCaptured): ParsedLength {
  if (typeof said !== 'string') return { ok: true, mm: said.mm };
  const { setup, machine } = book;
  return parseLength(said, setup.units, scaleOf(book) === 'dial' ? machine.axes[axis].dial : undefined);
}

const wrongWith = (read: ParsedLength, what: string): string | undefined =>
  read.ok ? undefined : read.code === 'empty' ? `Type ${what}, then log it.` : `${read.message} (place ${read.at + 1})`;

const typedIn = (book: SetupState, text: string): Extract<Source, { by: 'typed' }> => ({
  by: 'typed',
  text: text.trim(),
  unit: book.setup.units,
});

/** Where a figure came from: typed, or taken from a link with the line it sent. */
const sourceOf = (book: SetupState, said: TypedOrCaptured): Source =>
  typeof said === 'string' ? typedIn(book, said) : { by: 'captured', link: said.link, line: said.line };

/** The same where the control worked it out; a taken one is written out in its own unit. */
const controlSource = (book: SetupState, said: TypedOrCaptured, byControl: ByControl): Source => {
  if (typeof said === 'string') return { ...typedIn(book, said), ...byControl, by: 'control' };
  const { mm, unit, link, line } = said;
  return {
    by: 'control',
    text: formatLength(mm, { unit, decimals: unit === 'mm' ? 4 : 5 }),
    unit,
    link,
    line,
    ...byControl,
  };
};

const now = (): string => new Date().toISOString();

/** Logs what was typed, or taken, as a touch; gives back what is wrong with it instead, and then logs nothing. */
export function logTouch(
  book: SetupState,
  touch: Touch,
  said: TypedOrCaptured,
  acrossText?: string,
  byControl?: ByControl,
): string | undefined {
  const read = readLength(book, touch.axis, said);
  const other = touch.axis === 'x' ? 'y' : 'x';
  const across = acrossText === undefined ? undefined : acrossOf(book, other, said, acrossText);
  if (!read.ok) return wrongWith(read, 'what it shows');
  if (across && !across.ok) return wrongWith(across, `what ${other.toUpperCase()} shows`);
  const inSpindle = touch.tool ?? ('tool' in touch.subject ? touch.subject.tool : undefined);
  const cutter = book.tools.find(({ number }) => number === inSpindle);
  const body: NewReading = {
    ...touch,
    on: 'scale',
    id: uuidv7(),
    place: placeNow(book),
    epoch: readingEpoch(book, touch.subject, touch.axis),
    source: byControl ? controlSource(book, said, byControl) : sourceOf(book, said),
    value: read.mm + (byControl?.place ?? 0),
    ...(across?.ok &&
      acrossText !== undefined && {
        across: { text: acrossWords(book, across.mm, said, acrossText), value: across.mm },
      }),
    ...(cutter && { cutterId: cutter.id }),
    takenAt: now(),
  };
  return kept(() => logRow({ kind: 'reading', setupId: book.setup.id, body }));
}

/** Where the other axis stands: what was taken shows it too. */
const acrossOf = (book: SetupState, axis: Axis, said: TypedOrCaptured, text: string): ParsedLength => {
  const mm = typeof said === 'string' ? undefined : said.at[axis];
  return mm === undefined ? readLength(book, axis, text) : { ok: true, mm };
};

const acrossWords = ({ setup }: SetupState, mm: number, said: TypedOrCaptured, text: string): string =>
  typeof said === 'string' ? text.trim() : formatLength(mm, { unit: setup.units });

/** Logs what an indicator's dial shows. */
export function logDial(
  book: SetupState,
  read: { subject: DialSubject; gaugeId: string; ticked: string[] },
  text: string,
): string | undefined {
  const shown = parseLength(text, book.setup.units);
  if (!shown.ok) return wrongWith(shown, 'what it shows');
  const body: NewReading = {
    ...read,
    on: 'dial',
    id: uuidv7(),
    source: typedIn(book, text),
    value: shown.mm,
    takenAt: now(),
  };
  return kept(() => logRow({ kind: 'reading', setupId: book.setup.id, body }));
}

/** Logs what a gauge that measures sizes shows. */
export function logMeasured(
  book: SetupState,
  read: { subject: SizeSubject; gaugeId: string; ticked: string[] },
  text: string,
): string | undefined {
  const shown = parseLength(text, book.setup.units);
  if (!shown.ok) return wrongWith(shown, 'what it shows');
  const body: NewReading = {
    ...read,
    on: 'gauge',
    id: uuidv7(),
    source: typedIn(book, text),
    value: shown.mm,
    takenAt: now(),
  };
  return kept(() => logRow({ kind: 'reading', setupId: book.setup.id, body }));
}

/** Where numbers are read and set now: the scale in use, and the work offset in hand where there are several. */
const placeNow = ({ setup, machine }: SetupState, scale: ReadingScale = scaleOf({ setup, machine })): Place => ({
  scale,
  ...(setup.workOffset !== undefined && { workOffset: setup.workOffset }),
});

function kept(log: () => void): string | undefined {
  try {
    log();
    return undefined;
  } catch {
    return FULL;
  }
}

/** Strikes a reading out, or takes it back in. */
export function logStrike(book: SetupState, reading: Reading, action: 'strike' | 'restore', reason: string): void {
  const body = { id: uuidv7(), readingId: reading.id, action, reason, at: now() };
  logRow({ kind: 'strike', setupId: book.setup.id, body });
}

/**
 * Writes a mend into the log: the slip struck out, and what it should have been logged beside it. It is the same
 * touch, so it stays as of when it was taken: with the gauge of that day, and before what was set from it.
 */
export function logMend(book: SetupState, mend: Mend, reason: string): void {
  for (const reading of mend.strike) logStrike(book, reading, 'strike', reason);
  for (const { from, change } of mend.again) {
    const { seq: _, receivedAt: _received, struckBy: _by, struckReason: _reason, ...reading } = from;
    const body: NewReading = { ...reading, ...change, id: uuidv7() };
    logRow({ kind: 'reading', setupId: book.setup.id, body });
  }
}

/** Writes into the log what a boring pass in doubt was: struck out, and where its true setting is known logged with that. */
export function logPassMend(book: SetupState, { readings, setTo }: DoubtfulPass, reason: string): void {
  for (const reading of readings) logStrike(book, reading, 'strike', reason);
  const last = readings.at(-1);
  if (!last || setTo === undefined) return;
  const unit = unitOf(last.source) ?? book.setup.units;
  const setText = formatLength(setTo, { unit, decimals: unit === 'mm' ? 4 : 5 });
  const read = parseLength(setText, unit);
  const { seq: _, receivedAt: _received, struckBy: _by, struckReason: _reason, ...reading } = last;
  if (!read.ok) return;
  const body: NewReading = { ...reading, id: uuidv7(), subject: { ...last.subject, set: read.mm, setText } };
  logRow({ kind: 'reading', setupId: book.setup.id, body });
}

/**
 * Logs that the person has set an axis. A preset or move gives the scale a new zero. A work offset leaves it, and so
 * does everything else in machine coordinates: there the controller sets its own offset.
 */
export function logZeroing(
  book: SetupState,
  subject: Subject,
  axis: Axis,
  form: AnswerForm,
  value: number,
  workOffset?: string,
): { id: string; axis: Axis } {
  const place = { ...placeNow(book), ...(workOffset !== undefined && { workOffset }) };
  const stays = form === 'work-offset' || place.scale === 'machine';
  const id = uuidv7();
  const body: NewZeroing = {
    id,
    subject,
    axis,
    place,
    began: currentEpoch(book, axis),
    ...(!stays && { opens: id }),
    form,
    value,
    // What Z was set with counts until it is set again, whatever is asked for in between.
    // At the touch-off point Z is set to what it showed: the lift stays that of before, whatever was asked for since.
    ...(axis === 'z' && {
      lift: subject.kind === 'tool-spot' ? airCut(book).set : (book.datumPlan.heights?.lift ?? 0),
    }),
    at: now(),
  };
  logRow({ kind: 'zeroing', setupId: book.setup.id, body });
  return { id, axis };
}

/** Logs what the machine shows of a setting; gives back what is wrong with the text instead, and then logs nothing. */
export const logReadBack = (
  book: SetupState,
  setting: { id: string; axis: Axis },
  said: TypedOrCaptured,
): string | undefined =>
  logShown(book, { kind: 'setting', zeroingId: setting.id }, readLength(book, setting.axis, said), said);

/** Logs what the control has entered for a tool or a plate; gives back what is wrong with the text instead. */
export const logEntered = (
  book: SetupState,
  of: Exclude<NewReadBack['of'], { kind: 'setting' }>,
  text: string,
): string | undefined => logShown(book, of, parseLength(text, book.setup.units), text);

function logShown(
  book: SetupState,
  of: NewReadBack['of'],
  read: ParsedLength,
  said: TypedOrCaptured,
): string | undefined {
  if (!read.ok) return wrongWith(read, 'what it shows');
  const body = { id: uuidv7(), of, shown: read.mm, source: sourceOf(book, said), at: now() };
  return kept(() => logRow({ kind: 'readBack', setupId: book.setup.id, body }));
}

/** Logs that the machine was homed, off or left; or that its zero stands all the same, on the person's word. */
export function logInterruption(book: SetupState, what: NewInterruption['what']): void {
  logRow({ kind: 'interruption', setupId: book.setup.id, body: { id: uuidv7(), what, at: now() } });
}

/** Logs that an axis' zero is not what it was: readings taken after it are of a new one, and the axis is to be set again. */
export function logLoss(
  book: SetupState,
  axis: Axis,
  why: Extract<Subject, { kind: 'lost' }>['why'],
  scale: ReadingScale = scaleOf(book),
): void {
  const id = uuidv7();
  const body: NewZeroing = {
    id,
    subject: { kind: 'lost', why },
    axis,
    place: placeNow(book, scale),
    began: currentEpoch(book, axis, scale),
    opens: id,
    form: 'lost',
    value: 0,
    at: now(),
  };
  logRow({ kind: 'zeroing', setupId: book.setup.id, body });
}
