import { INCH, millimetresPer, type LengthUnit } from './unit';

/** A figure as it is shown, with the unit it is in. */
export interface CuttingFigure {
  figure: string;
  unit: string;
}

/** Millimetres in a foot, over those in a metre: feet in a metre. */
const FEET_IN_METRE = 1000 / (12 * INCH);

/** A feed given in mm/min: whole mm/min, or in/min to a tenth. */
export const feedFigure = (mmPerMinute: number, unit: LengthUnit): CuttingFigure => ({
  figure: (mmPerMinute / millimetresPer(unit)).toFixed(unit === 'mm' ? 0 : 1),
  unit: `${unit}/min`,
});

/** The unit of a cutting speed where lengths are in mm or inches. */
export const speedUnit = (unit: LengthUnit): 'm/min' | 'ft/min' => (unit === 'mm' ? 'm/min' : 'ft/min');

/** A cutting speed given in m/min: m/min, or ft/min. */
export const speedIn = (metresPerMinute: number, unit: LengthUnit): number =>
  unit === 'mm' ? metresPerMinute : metresPerMinute * FEET_IN_METRE;

/** A cutting speed in m/min, from what was typed in m/min or ft/min. */
export const speedFrom = (typed: number, unit: LengthUnit): number => (unit === 'mm' ? typed : typed / FEET_IN_METRE);
