import type { CalculatorAnswer, CalculatorValues } from '@zero-point/core/calculators/form';
import type { NewCalculation } from '@zero-point/core/records/log/calculation';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { uuidv7 } from 'uuidv7';
import { logRow } from '../commands/logEntry';

/** Lines of an answer that the log keeps. */
const MOST_LINES = 12;

/** Logs a calculation with its answer in the shop's log. */
export function logCalculation(
  name: string,
  unit: LengthUnit,
  values: CalculatorValues,
  answer: CalculatorAnswer,
): void {
  const body: NewCalculation = {
    id: uuidv7(),
    name,
    unit,
    values: { ...values },
    answer: answer.lines
      .slice(0, MOST_LINES)
      .map(({ say, figure, unit: of, plusMinus = '' }) => `${say} ${figure} ${of} ${plusMinus}`.trim()),
    at: new Date().toISOString(),
  };
  logRow({ kind: 'reckoning', setupId: '', body });
}
