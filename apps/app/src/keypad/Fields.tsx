import { formatLength } from '@zero-point/core/units/formatLength';
import { parseLength } from '@zero-point/core/units/parseLength';
import { millimetresPer, type LengthUnit } from '@zero-point/core/units/unit';
import { countToText, roundToCount } from '@zero-point/core/units/round';
import { useRef, useState } from 'react';
import { FieldBox } from './FieldBox';

type Read<T> = { ok: true; value: T } | { ok: false; message: string };

interface FieldProps<T> {
  label: string;
  /** What it is for, where its name does not say it all. */
  hint?: string | undefined;
  /** Shown behind the figure: the unit, or °. */
  unit?: string;
  shown: string;
  read: (text: string) => Read<T>;
  onCommit: (value: T) => void;
  check?: ((value: T) => string | undefined) | undefined;
  words?: boolean;
  /** Room for a sentence: it wraps, and Enter keeps it. */
  tall?: boolean;
  inputMode?: 'text' | 'decimal' | 'numeric';
}

/** One value that is kept when it is valid; what is not stays as typed, with what is wrong under it. */
function Field<T>({ shown, read, onCommit, check, ...box }: FieldProps<T>) {
  const [draft, setDraft] = useState<string | undefined>(undefined);
  // What waits to be taken, whichever of Enter and leaving comes first: it is taken once.
  const waiting = useRef<string | undefined>(undefined);
  const [error, setError] = useState<string | undefined>(undefined);

  const commit = (): boolean => {
    const typed = waiting.current;
    if (typed === undefined) return true;
    const value = read(typed);
    const wrong = value.ok ? check?.(value.value) : value.message;
    setError(wrong);
    if (wrong !== undefined || !value.ok) return false;
    waiting.current = undefined;
    setDraft(undefined);
    if (typed.trim() !== shown) onCommit(value.value);
    return true;
  };
  return (
    <FieldBox
      {...box}
      value={draft ?? shown}
      error={error}
      onChange={(text) => {
        waiting.current = text;
        setDraft(text);
        setError(undefined);
      }}
      onBlur={commit}
      onTake={commit}
    />
  );
}

interface ValueFieldProps<T> {
  label: string;
  hint?: string | undefined;
  value: T;
  onCommit: (value: T) => void;
  check?: (value: T) => string | undefined;
}

/** A length in the setup's unit; takes everything a reading takes. */
export function LengthField({ value, unit, ...rest }: ValueFieldProps<number> & { unit: LengthUnit }) {
  return (
    <Field
      {...rest}
      unit={unit}
      shown={formatLength(value, { unit })}
      inputMode="text"
      read={(text) => {
        const read = parseLength(text, unit);
        return read.ok ? { ok: true, value: read.mm } : { ok: false, message: read.message };
      }}
    />
  );
}

/** A length that may be left empty: not known. */
export function OptionalLengthField({
  value,
  unit,
  ...rest
}: ValueFieldProps<number | undefined> & { unit: LengthUnit }) {
  return (
    <Field
      {...rest}
      unit={unit}
      shown={value === undefined ? '' : formatLength(value, { unit })}
      inputMode="text"
      read={(text) => {
        if (text.trim() === '') return { ok: true, value: undefined };
        const read = parseLength(text, unit);
        return read.ok ? { ok: true, value: read.mm } : { ok: false, message: read.message };
      }}
    />
  );
}

const MOST_DEGREES = 3600;

/** A figure without the noughts behind its point. */
const withoutNoughts = (text: string): string => (text.includes('.') ? text.replace(/\.?0{1,20}$/, '') : text);

/** To a thousandth of a degree: as an angle is commanded, and short enough for half a phone. */
const shownAngle = (degrees: number): string => withoutNoughts(countToText(roundToCount(degrees, 3), 3));

/** An angle in degrees, counter-clockwise from +X. */
export function AngleField({ value, ...rest }: ValueFieldProps<number>) {
  return (
    <Field
      {...rest}
      unit="°"
      shown={shownAngle(value)}
      read={(text) => {
        const plain = text.trim().replace('°', '').replace('−', '-').replace(',', '.');
        if (!/^[+-]?(\d+(?:\.\d*)?|\.\d+)$/.test(plain))
          return { ok: false, message: 'Type the angle in degrees, as 15 or 22.5.' };
        const degrees = Number(plain);
        return Math.abs(degrees) <= MOST_DEGREES
          ? { ok: true, value: degrees }
          : { ok: false, message: 'More than ten turns. Check the decimal point.' };
      }}
    />
  );
}

/** A whole number. */
export function CountField({ value, ...rest }: ValueFieldProps<number>) {
  return (
    <Field
      {...rest}
      shown={String(value)}
      inputMode="numeric"
      read={(text) =>
        /^\d{1,9}$/.test(text.trim())
          ? { ok: true, value: Number(text) }
          : { ok: false, message: 'Type a whole number.' }
      }
    />
  );
}

/** A feed: mm/min, or in/min to a tenth. */
export function FeedField({
  unit,
  value,
  onCommit,
}: {
  unit: LengthUnit;
  value: number;
  onCommit: (value: number) => void;
}) {
  const per = millimetresPer(unit);
  const places = unit === 'mm' ? 0 : 1;
  return (
    <Field
      label={`Feed, ${unit}/min`}
      shown={countToText(roundToCount(value / per, places), places)}
      inputMode="decimal"
      read={(text) => {
        const plain = text.trim().replace(',', '.');
        const feed = Number(plain) * per;
        return /^(\d+(?:\.\d*)?|\.\d+)$/.test(plain) && feed > 0 && feed <= 100_000
          ? { ok: true, value: feed }
          : { ok: false, message: `Type the feed as a number of ${unit} a minute, over 0.` };
      }}
      onCommit={onCommit}
    />
  );
}

interface LengthsFieldProps extends ValueFieldProps<readonly number[]> {
  unit: LengthUnit;
  /** Chosen figures, not measured ones: shown without the noughts behind their points. */
  chosen?: boolean;
}

/** Several lengths with semicolons between, since a comma may be a decimal mark; none when empty. */
export function LengthsField({ value, unit, chosen = false, ...rest }: LengthsFieldProps) {
  const show = (mm: number) => formatLength(mm, { unit });
  return (
    <Field
      {...rest}
      unit={unit}
      shown={value.map((mm) => (chosen ? withoutNoughts(show(mm)) : show(mm))).join('; ')}
      inputMode="text"
      read={(text) => {
        const lengths: number[] = [];
        for (const part of text.split(';').filter((piece) => piece.trim() !== '')) {
          const read = parseLength(part, unit);
          if (!read.ok) return { ok: false, message: `${part.trim()}: ${read.message}` };
          lengths.push(read.mm);
        }
        return { ok: true, value: lengths };
      }}
    />
  );
}

/** Words. */
export function TextField({ value, ...rest }: ValueFieldProps<string>) {
  return (
    <Field
      {...rest}
      words
      inputMode="text"
      shown={value}
      read={(text) =>
        text.trim().length <= 80 ? { ok: true, value: text.trim() } : { ok: false, message: 'At most 80 characters.' }
      }
    />
  );
}

const LONGEST = 300;

/** A sentence. */
export function LongTextField({ value, ...rest }: ValueFieldProps<string>) {
  return (
    <Field
      {...rest}
      words
      tall
      inputMode="text"
      shown={value}
      read={(text) =>
        text.trim().length <= LONGEST
          ? { ok: true, value: text.trim() }
          : { ok: false, message: `At most ${LONGEST} characters.` }
      }
    />
  );
}
