import type { IndicatorUse } from '../schema/indicator';
import { repeats } from '../metrology/repeats';
import { displayPart, repeatPart } from '../metrology/touchBudget';
import { combine, type BudgetPart, type Uncertainty } from '../metrology/uncertainty';

/** U of the difference of two places read with one indicator, `factor` 1 for the difference and 0.5 for half of it. */
export function differenceUncertainty(
  first: readonly number[],
  second: readonly number[],
  indicator: IndicatorUse,
  factor = 1,
): Uncertainty {
  const scaled = (part: BudgetPart): BudgetPart => ({ ...part, u: part.u * factor });
  return combine(
    [first, second].flatMap((readings, i) => [
      scaled(repeatPart(repeats(readings, indicator), indicator, `repeats, place ${i + 1}`)),
      scaled(displayPart(repeats(readings, indicator), indicator, `display step, place ${i + 1}`)),
    ]),
  );
}
