import { formatSmall } from '../../units/formatSmall';
import type { LengthUnit } from '../../units/unit';
import type { Verdict } from '../../metrology/judge';
import type { Uncertainty } from '../../metrology/uncertainty';
import { uncertaintyAdvice } from '../gauges/uncertaintyAdvice';

/** `±0.014 mm` */
export const plusMinus = (U: number, unit: LengthUnit): string => `±${formatSmall(U, { unit })}`;

/** Whether it is good enough, in a sentence that stands without colour. */
export function verdictSentence(
  verdict: Verdict,
  uncertainty: Pick<Uncertainty, 'U' | 'parts'>,
  tolerance: number,
  unit: LengthUnit,
  wild: boolean,
): string {
  const got = plusMinus(uncertainty.U, unit);
  const allowed = plusMinus(tolerance, unit);
  const remedy = wild ? 'One reading is far from the others: look at that first.' : uncertaintyAdvice(uncertainty);
  switch (verdict) {
    case 'good':
      return `Good enough: ${got} is within a quarter of the ${allowed} this job allows.`;
    case 'marginal':
      return `Usable, little margin: ${got} is over a quarter of the ${allowed} this job allows. ${remedy}`;
    case 'poor':
      return `Not good enough: ${got} is more than the ${allowed} this job allows. ${remedy}`;
  }
}
