import type { Caution } from '../cautions/caution';
import type { Uncertainty } from '../metrology/uncertainty';
import type { z } from 'zod';
import type { boltCircleInput } from '../records/setup/patternShape';
import { Refusal } from '../problem/problem';
import type { Calculation } from '../registry/registry';
import type { Working } from '../working/working';
import { parseLength } from '../units/parseLength';
import type { LengthUnit } from '../units/unit';
import { capitalize } from '../messages/basis/grammar';

/** What a person is asked for, one field. */
export interface CalculatorField {
  key: string;
  label: string;
  /** Lengths take all a reading takes; `text` is taken as it is. */
  kind: 'length' | 'angle' | 'count' | 'number' | 'choice' | 'text';
  /** Said behind the figure, where it is no length. */
  unit?: string;
  options?: readonly { value: string; label: string }[];
  /** What stands there at first, by the unit; empty where it must be typed. */
  start: { mm: string; in: string };
  /** May be left empty. */
  optional?: boolean;
}

/** One figure of the answer: what it is, the figure, its unit, and its ± where it has one. */
export interface CalculatorLine {
  say: string;
  figure: string;
  unit: string;
  plusMinus?: string;
}

/** What the drawing shows; lengths mm. */
export type CalculatorPicture =
  | { kind: 'edge'; face: 'left' | 'right' | 'front' | 'back'; radius: number }
  | { kind: 'between'; width: number; radius: number; slot: boolean }
  | { kind: 'bore'; diameter: number; radius: number }
  | { kind: 'holes'; holes: { x: number; y: number }[]; diameter: number; centre: { x: number; y: number } }
  | { kind: 'tools'; reference: number; other: number; gauge: number }
  | { kind: 'block'; thickness: number }
  | { kind: 'wheel'; lines: number; line: number; turns: number }
  | { kind: 'limits'; low: number; high: number; at: number | null }
  | { kind: 'passes'; passes: { depth: number; left: number; finish: boolean }[] }
  | { kind: 'rule'; mm: number };

/** What is answered at once. */
export interface CalculatorAnswer {
  /** The first is the one that is wanted. */
  lines: CalculatorLine[];
  uncertainty: Uncertainty | null;
  /** Why it has no ±, where it has none. */
  exact?: string;
  tape: Working;
  cautions: readonly Caution[];
  notes: string[];
  drawing: CalculatorPicture;
  /** What a setup can take over of it. */
  carry?: Carry;
}

/** What is carried into a setup: a pattern as it is, or a reading to be logged where it belongs. */
export type Carry =
  | { to: 'positions'; circle: z.output<typeof boltCircleInput> }
  | { to: 'datum'; feature: string; typed: string }
  | { to: 'heights'; typed: string };

/** A calculation that needs no setup. */
export interface Calculator {
  /** Its address. */
  name: string;
  title: string;
  about: string;
  /** Fields in the order they are asked; some are asked only where others say so. */
  fields: (values: CalculatorValues) => readonly CalculatorField[];
  /** How it is done, drawn until there is an answer: sides as they are chosen, sizes that mean nothing. */
  before?: (values: CalculatorValues) => CalculatorPicture;
  /** @throws Refusal that names the field */
  reckon: (read: CalculatorReader) => CalculatorAnswer;
}

/** What was typed, by field. */
export type CalculatorValues = Readonly<Record<string, string>>;

/** Fields as they are read, each refused by its own name. */
export interface CalculatorReader {
  unit: LengthUnit;
  length: (key: string) => number;
  /** Undefined where it was left empty. */
  optionalLength: (key: string) => number | undefined;
  number: (key: string) => number;
  text: (key: string) => string;
}

const refuse = (field: string, message: string): never => {
  throw new Refusal({ code: 'not-a-value', field, message });
};

/**
 * The answer of a calculation of the registry; what its schema does not take is refused by the path it stands under.
 *
 * @throws Refusal
 */
export function calculate<I extends z.ZodType, O extends z.ZodType>(
  calculation: Calculation<I, O>,
  input: z.input<I>,
): z.output<O> {
  const read = calculation.input.safeParse(input);
  if (read.success) return calculation.reckon(read.data);
  const [issue] = read.error.issues;
  const path = issue?.path.join('.') ?? '';
  const last = issue?.path.at(-1);
  throw new Refusal({
    code: 'invalid',
    field: path,
    message: `${capitalize(String(last ?? calculation.name))} ${issue?.message ?? 'cannot be used'}.`,
  });
}

/** Reads fields as they are needed. */
export function readerOf(
  values: CalculatorValues,
  fields: readonly CalculatorField[],
  unit: LengthUnit,
): CalculatorReader {
  const labelOf = (key: string) => fields.find((field) => field.key === key)?.label ?? key;
  const typed = (key: string) => (values[key] ?? '').trim();
  const optionalLength = (key: string): number | undefined => {
    if (typed(key) === '') return undefined;
    const read = parseLength(typed(key), unit);
    return read.ok ? read.mm : refuse(key, `${labelOf(key)}: ${read.message}`);
  };
  return {
    unit,
    optionalLength,
    length: (key) => optionalLength(key) ?? refuse(key, `Type ${labelOf(key).toLowerCase()}.`),
    number: (key) => {
      const plain = typed(key).replace('−', '-').replace(',', '.').replace('°', '');
      return /^[+-]?(\d+(?:\.\d*)?|\.\d+)$/.test(plain)
        ? Number(plain)
        : refuse(key, plain === '' ? `Type ${labelOf(key).toLowerCase()}.` : `${labelOf(key)}: type a number.`);
    },
    text: (key) => typed(key),
  };
}

/** What stands in the fields at first. */
export const startOf = (fields: readonly CalculatorField[], unit: LengthUnit): Record<string, string> =>
  Object.fromEntries(fields.map(({ key, start }) => [key, start[unit]]));

/** The answer for what was typed, or which field is wrong and how to mend it. */
export function runCalculator(
  calculation: Calculator,
  values: CalculatorValues,
  unit: LengthUnit,
): { ok: true; answer: CalculatorAnswer } | { ok: false; field: string; message: string } {
  try {
    return { ok: true, answer: calculation.reckon(readerOf(values, calculation.fields(values), unit)) };
  } catch (error) {
    if (error instanceof Refusal)
      return { ok: false, field: fieldOf(error.field, calculation.fields(values)), message: error.message };
    throw error;
  }
}

/** The field a refusal is about: by its own name, or by the last of the path it stands under. */
function fieldOf(path: string, fields: readonly CalculatorField[]): string {
  const last = path.split('.').at(-1) ?? '';
  return fields.some(({ key }) => key === path) ? path : fields.some(({ key }) => key === last) ? last : '';
}
