import type { Reading, TouchReading } from '../../records/log/reading';
import { placeOf, textOf, unitOf, type Source } from '../../records/values/source';
import { withReadings, type SetupState } from '../basis/setupState';
import type { Mistake } from '../../mistakes/explain.schema';
import { INCH } from '../../units/unit';
import { parseLength } from '../../units/parseLength';
import { UNSENT } from '../../records/kinds/merge';
import { agreementNamed } from '../checks/agreements';
import type { Agreement } from '../checks/check';

/** A reading as it would stand in the log in place of a struck one. */
export interface Again {
  from: TouchReading;
  change: { value?: number; source?: Source; feeler?: number };
}

/** What could be written into the log to put a slip right; nothing is, until the person says so. */
export interface Mend {
  slip: Mistake;
  strike: readonly TouchReading[];
  again: Again[];
}

/** Slips named are at most this many, and so are their mends. */
const NAMED = 2;

/** Slips of a reading as it was typed, whatever difference they make. */
const TYPED: readonly Mistake[] = ['sign', 'inch-for-mm', 'decimal-place'];

/**
 * Mends for something that does not agree: for the likeliest slips, the entries that would make it agree, tried out on
 * the log; where no number can be put right, to strike the touch out and take it again.
 */
export function mendsOf(book: SetupState, agreement: Agreement): Mend[] {
  const { likely, agrees } = agreement.explanation;
  if (agrees) return [];
  const named = likely.slice(0, NAMED);
  // A slip in what was typed need not be one of the size: the reading is tried on its own.
  const typed = TYPED.filter((slip) => !named.some((one) => one.slip === slip)).map((slip) => ({ slip, size: 0 }));
  // Any shorter chord would agree: which figure it should have been, nothing tells.
  const tellable = agreement.of === 'chord' ? [] : [...named, ...typed];
  const mends = tellable.flatMap(({ slip, size }) =>
    agreement.suspects.flatMap((readings) => {
      const tried = corrections(slip, size, readings).map((again): Mend => ({ slip, strike: readings, again }));
      const cured = tried.filter((mend) => agreesWith(book, mend, agreement.key));
      return cured.slice(0, 1);
    }),
  );
  const [likeliest] = likely;
  const unread = agreement.suspects.filter((readings) => readings.length > 0);
  const strikes = unread.map((readings): Mend => ({
    slip: likeliest?.slip ?? 'misread-figure',
    strike: readings,
    again: [],
  }));
  return [...mends, ...strikes];
}

/** The readings of one touch as they would have been without the slip, every way it could have gone. */
function corrections(slip: Mistake, size: number, readings: readonly TouchReading[]): Again[][] {
  const each = (change: (reading: TouchReading) => Again['change'] | undefined): Again[][] => {
    const again = readings.map((from) => ({ from, change: change(from) }));
    return again.every((one): one is Again => one.change !== undefined) ? [again] : [];
  };
  const moved = (by: number) => each(({ value }) => asTyped(value + by));
  switch (slip) {
    case 'turns':
    case 'misread-figure':
    case 'sixteenth':
    case 'neighbouring-64th':
      return [...moved(-size), ...moved(size)];
    case 'feeler':
      return each(({ feeler }) => ({ feeler: feeler > 0 ? 0 : Math.abs(size) }));
    case 'sign':
      return each(({ value }) => asTyped(-value));
    case 'decimal-place':
      return [...each(({ value }) => asTyped(value * 10)), ...each(({ value }) => asTyped(value / 10))];
    case 'inch-for-mm':
      return [...each((from) => inUnit(from, 'in', INCH)), ...each((from) => inUnit(from, 'mm', 1 / INCH))];
    default:
      return [];
  }
}

const DECIMALS = 1e6;

/** A value in millimetres with the text that means just that. */
function asTyped(value: number): Again['change'] {
  const rounded = Math.round(value * DECIMALS) / DECIMALS;
  return { source: { by: 'typed', text: `${rounded}`, unit: 'mm' }, value: rounded };
}

/** The same figure, read in the other unit. */
function inUnit(from: TouchReading, unit: 'mm' | 'in', factor: number): Again['change'] | undefined {
  const text = textOf(from.source);
  // A zero of the control's is not the value itself.
  if (text === undefined || unitOf(from.source) === unit || placeOf(from.source) !== 0) return undefined;
  const read = parseLength(text, unit);
  return read.ok && Math.abs(read.mm - from.value * factor) < 1e-9
    ? { source: { by: 'typed', text, unit }, value: read.mm }
    : undefined;
}

/** Whether the thing agrees once a mend is in the log. */
function agreesWith(book: SetupState, mend: Mend, key: string): boolean {
  return agreementNamed(withMend(book, mend), key)?.explanation.agrees ?? true;
}

/** The setup as it would be with a mend; only for looking ahead. */
export function withMend(book: SetupState, { strike, again }: Mend): SetupState {
  const struck = new Set(strike.map(({ id }) => id));
  return withReadings(book, [
    ...book.readings.map((reading) =>
      struck.has(reading.id) ? { ...reading, struckBy: 'mend', struckReason: '' } : reading,
    ),
    ...again.map(({ from, change }): Reading => ({ ...from, ...change, id: `${from.id}-again`, seq: UNSENT })),
  ]);
}
