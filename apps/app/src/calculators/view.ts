import {
  startOf,
  type Calculator,
  type CalculatorAnswer,
  type CalculatorField,
  type CalculatorValues,
} from '@zero-point/core/calculators/form';
import { CALCULATORS } from '@zero-point/core/calculators/list';
import { judge } from '@zero-point/core/metrology/judge';
import type { CalculationRow } from '@zero-point/core/records/log/calculation';
import { parseLength } from '@zero-point/core/units/parseLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { verdictSentence } from '@zero-point/core/messages/basis/verdict';

/** Calculations in the order they are offered: what was used last comes first. */
export function calculatorsByUse(used: readonly Pick<CalculationRow, 'name'>[]): Calculator[] {
  const names = [...new Set(used.map(({ name }) => name))];
  const last = names.flatMap((name) => CALCULATORS.find((one) => one.name === name) ?? []);
  return [...last, ...CALCULATORS.filter(({ name }) => !names.includes(name))];
}

/** Fields with what stands in them: what was typed, or what they start with. */
export function filledFields(
  calculation: Calculator,
  typed: CalculatorValues,
  unit: LengthUnit,
): { fields: readonly CalculatorField[]; values: Record<string, string> } {
  const fields = calculation.fields(typed);
  return { fields, values: { ...startOf(fields, unit), ...typed } };
}

/** Fields that are typed by the keypad: choices are tapped, words want the system keyboard. */
export const keypadFields = (fields: readonly CalculatorField[]): CalculatorField[] =>
  fields.filter(({ kind }) => kind !== 'choice' && kind !== 'text');

/** The first keyed field behind `after` that still has to be typed; any from the top where none is behind it. */
export function nextEmpty(
  fields: readonly CalculatorField[],
  values: CalculatorValues,
  after: string | undefined,
): CalculatorField | undefined {
  const all = keypadFields(fields);
  const from = all.findIndex(({ key }) => key === after) + 1;
  const wanted = ({ key, optional }: CalculatorField) => !optional && (values[key] ?? '').trim() === '';
  return all.slice(from).find(wanted) ?? all.find(wanted);
}

/** Whether the ± is good enough for what the job allows; undefined where that was not entered. */
export function verdictOf(answer: CalculatorAnswer, allows: string, unit: LengthUnit) {
  const read = parseLength(allows, unit);
  if (!read.ok || read.mm <= 0 || !answer.uncertainty) return undefined;
  const verdict = judge(answer.uncertainty.U, read.mm);
  return { verdict, words: verdictSentence(verdict, answer.uncertainty, read.mm, unit, false) };
}
