import { z } from 'zod';
import { nonNegativeLength } from '../../schema/quantities';
import { cautions, repeatsResult, working, uncertainty, verdict } from '../../schema/results';
import { readings, touchMethod } from '../../schema/touch';
import { touchPoint } from '../touchPoint.schema';

export const cycleCentreInput = z.object({
  /** What the control's own cycle gave as the centre each time it was run, mm on the machine's scales. */
  x: readings,
  y: readings,
  /** Part coordinates of the centre, mm. */
  nominal: touchPoint,
  method: touchMethod,
  uTouch: nonNegativeLength.meta({ description: 'standard uncertainty of where one touch trips, mm' }),
  tolerance: nonNegativeLength.optional(),
});

export const cycleCentreOutput = z.object({
  centre: touchPoint,
  repeats: z.object({ x: repeatsResult, y: repeatsResult }),
  /** Coordinates of part zero on the scales read, mm. */
  workOffset: touchPoint,
  axes: z.object({ x: uncertainty, y: uncertainty }),
  /** That of the axis that is known worse. */
  uncertainty,
  verdict,
  tape: working,
  cautions,
});

export type CycleCentreInput = z.output<typeof cycleCentreInput>;
export type CycleCentreOutput = z.output<typeof cycleCentreOutput>;
