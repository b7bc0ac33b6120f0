import { z } from 'zod';
import { length, nonNegativeLength, positiveLength } from '../schema/quantities';
import { cautions, repeatsResult, working, uncertainty, verdict } from '../schema/results';
import { notes } from '../schema/note';
import { readings, touchMethod } from '../schema/touch';

export const zZeroInput = z.object({
  readings,
  /** Thickness of the gauge between tool and surface, mm. */
  gaugeThickness: nonNegativeLength,
  /** The tool touches the surface itself, as a probe does: then there is no thickness. */
  direct: z.boolean().optional(),
  /** How much longer the probe is than the reference tool, as it was calibrated, mm; negative where it is shorter. */
  longer: length.optional(),
  /** Part height of the surface the gauge sits on, mm; 0 for the face that is to be Z zero. */
  surfaceHeight: length,
  /** How far the whole job is lifted, for a pass in the air, mm. */
  lift: nonNegativeLength.optional(),
  /** Raising in steps until the gauge just passes: the step, and whether half of it is added to what Z is set to. */
  search: z.object({ step: positiveLength, takeHalf: z.boolean() }).optional(),
  method: touchMethod,
  uTouch: nonNegativeLength.meta({ description: 'standard uncertainty of one touch, by feel or trip, mm' }),
  uSize: nonNegativeLength.meta({ description: 'standard uncertainty of the gauge’s thickness, mm' }),
  tolerance: nonNegativeLength.optional(),
});

export const zZeroOutput = z.object({
  repeats: repeatsResult,
  /** While touching, make Z read this, mm. */
  setZ: z.number(),
  /** Z of the part's zero on the scale read, mm. */
  workOffset: z.number(),
  uncertainty,
  verdict,
  notes,
  tape: working,
  cautions,
});

export type ZZeroInput = z.output<typeof zZeroInput>;
export type ZZeroOutput = z.output<typeof zZeroOutput>;
