import { formatLength } from '../../units/formatLength';
import type { LengthUnit } from '../../units/unit';

/** A length as a rule or an eye can tell it, with its unit: a tenth of a millimetre or a hundredth of an inch. mm in. */
export const ruleReading = (mm: number, unit: LengthUnit): string =>
  `${formatLength(mm, { unit, decimals: unit === 'mm' ? 1 : 2 })} ${unit}`;
