import { z } from 'zod';
import { length, nonNegativeLength } from '../schema/quantities';
import { cautions, repeatsResult, working, uncertainty, verdict } from '../schema/results';
import { readings, touchMethod } from '../schema/touch';

export const faceFlipInput = z.object({
  /** The rotary table face's face touched with its normal toward plus or minus on a linear axis, then flipped half a turn: where the face is, mm. */
  face1: readings,
  face2: readings,
  /** Which way its normal pointed at the first: +1 toward plus. */
  normal: z.union([z.literal(1), z.literal(-1)], { error: 'must be 1 or -1' }),
  /** Z of the face as it lies up, mm: where that is known, the centre's height follows. */
  faceZ: length.optional(),
  method: touchMethod,
  uTouch: nonNegativeLength.meta({ description: 'standard uncertainty of one touch, mm' }),
  uSize: nonNegativeLength.meta({ description: 'standard uncertainty of the contact’s effective radius, mm' }),
  tolerance: nonNegativeLength.optional(),
});

export const faceFlipOutput = z.object({
  /** Where the axis of rotation is on the linear axis, mm. */
  axis: z.number(),
  /** Height of the face above the centre of rotation, mm. */
  g: z.number(),
  /** Z of the centre of rotation, mm; null where Z of the face was not given. */
  axisZ: z.number().nullable(),
  repeats: z.object({ face1: repeatsResult, face2: repeatsResult }),
  uncertainty,
  gUncertainty: uncertainty,
  verdict,
  tape: working,
  cautions,
});

export type FaceFlipInput = z.output<typeof faceFlipInput>;
export type FaceFlipOutput = z.output<typeof faceFlipOutput>;
