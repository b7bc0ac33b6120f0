import { z } from 'zod';
import { expandedU, nonNegativeLength } from '../schema/quantities';
import { cautions, working, uncertainty } from '../schema/results';
import { readings, touchMethod } from '../schema/touch';

export const armOffsetInput = z.object({
  /** Z shown when the sensor on its arm answers on a surface, mm. */
  sensor: readings,
  /** Z shown when the cutter touches a gauge on the same surface, mm. */
  cutter: readings,
  /** That gauge's thickness, mm, 0 where the cutter touched the surface itself, and its U at 95 %. */
  gauge: z.object({ thickness: nonNegativeLength, U: expandedU }),
  method: touchMethod,
  /** Standard uncertainty of a touch with the sensor and with the cutter, mm. */
  uTouch: z
    .object({ sensor: nonNegativeLength, cutter: nonNegativeLength })
    .meta({ description: 'standard uncertainty of where each trips, mm' }),
});

export const armOffsetOutput = z.object({
  /** How far the cutter's lowest point stands above a surface when the sensor answers on it, mm; minus where below. */
  offset: z.number(),
  uncertainty,
  tape: working,
  cautions,
});

export type ArmOffsetInput = z.output<typeof armOffsetInput>;
export type ArmOffsetOutput = z.output<typeof armOffsetOutput>;
