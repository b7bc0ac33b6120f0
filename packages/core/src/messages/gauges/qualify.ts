import type { FinderByBlockOutput } from '../../calibration/finderByBlock.schema';
import { agreementOf } from '../../metrology/agreement';
import { formatLengthUnit } from '../../units/formatLength';
import type { LengthUnit } from '../../units/unit';
import { plusMinus } from '../basis/verdict';

/** What a finder came out as by a block, held against the size it was known by. mm. */
export function qualifyWords(
  { diameter, uncertainty }: Pick<FinderByBlockOutput, 'diameter' | 'uncertainty'>,
  inForce: { value: number; U: number },
  unit: LengthUnit,
): string {
  const size = (mm: number) => formatLengthUnit(mm, { unit });
  const { difference, U, agrees } = agreementOf(inForce, { value: diameter, U: uncertainty.U });
  const found = `⌀ ${size(diameter)} ${plusMinus(uncertainty.U, unit)}`;
  return agrees
    ? `${found}, which agrees with the ${size(inForce.value)} in use within ${plusMinus(U, unit)}.`
    : `${found}: ${formatLengthUnit(difference, { unit, plus: true })} from the ${size(inForce.value)} in use, more than the ${plusMinus(U, unit)} the two ± allow. Touch both sides again before you save it.`;
}

/** A figure held against the calibration of the thing, in one sentence. mm. */
export function foundAgainst(
  found: { value: number; U: number },
  known: { value: number; U: number },
  unit: LengthUnit,
): string {
  const size = (mm: number) => formatLengthUnit(mm, { unit });
  const { difference, U, en, agrees } = agreementOf(known, found);
  const figure = `E_n ${en.toFixed(1)}`;
  return agrees
    ? `It agrees with the ${size(known.value)} in use within ${plusMinus(U, unit)} (${figure}).`
    : `${formatLengthUnit(difference, { unit, plus: true })} from the ${size(known.value)} in use, more than the ${plusMinus(U, unit)} the two ± allow (${figure}). Do it again before you save it.`;
}
