import { z } from 'zod';
import { approach, length, positiveLength } from '../../schema/quantities';
import { cautions, repeatsResult, working, uncertainty, verdict } from '../../schema/results';
import { readings } from '../../schema/touch';
import { featureMethod, backlashSense } from '../touchPoint.schema';

export const oppositeFacesInput = featureMethod.extend({
  /** The two faces, each touched from its own side: towards each other on a web, away from each other in a slot. */
  first: z.object({ readings, approach }),
  second: z.object({ readings, approach }),
  /** Nominal part coordinate of the middle, mm. */
  nominal: length,
  /** What it is on the drawing, where that is known: a mix-up of sides or a contact too large for it is refused. */
  expected: z.object({ kind: z.enum(['web', 'slot']), width: positiveLength }).optional(),
  lostMotion: backlashSense.optional(),
});

export const oppositeFacesOutput = z.object({
  kind: z.enum(['web', 'slot']),
  repeats: z.object({ first: repeatsResult, second: repeatsResult }),
  centre: z.number(),
  width: z.number(),
  /** Coordinate of part zero on the scale read, mm. */
  workOffset: z.number(),
  /** Halving: zero at the first touch, go to the second, and drive back to this, mm. */
  halfway: z.number(),
  uncertainty,
  /** U of the width, which the contact's own size goes into twice. */
  widthUncertainty: uncertainty,
  verdict,
  tape: working,
  cautions,
});

export type OppositeFacesInput = z.output<typeof oppositeFacesInput>;
export type OppositeFacesOutput = z.output<typeof oppositeFacesOutput>;
