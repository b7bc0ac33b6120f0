import { z } from 'zod';
import { allowed, placeReadings } from '../schema/indicator';
import { approach, length, positiveLength } from '../schema/quantities';
import { cautions, inLineState, working, uncertainty } from '../schema/results';
import { touchMethod } from '../schema/touch';

export const partSkewInput = z.object({
  along: z.enum(['x', 'y']),
  approach,
  /** What the scale across shows while the same contact touches, at places along the face. */
  points: z
    .array(z.object({ at: length, readings: placeReadings }))
    .min(2, { error: 'must hold touches at two places or more' })
    .max(500, { error: 'must hold at most 500 places' }),
  method: touchMethod,
  /** Length of face the error is counted over, mm. */
  over: positiveLength,
  pivot: length,
  loose: length,
  allowed,
});

export const partSkewOutput = z.object({
  slope: z.number(),
  /** Direction of the face, degrees counter-clockwise from the axis: the rotation to carry. */
  angle: z.number(),
  error: z.number(),
  /** How the loose end must move across the axis to be tapped straight, mm. */
  tap: z.number(),
  /** U of the angle, degrees. */
  angleU: z.number().meta({ description: 'U of the angle, degrees at 95 %' }),
  state: inLineState,
  uncertainty,
  tape: working,
  cautions,
});

export type PartSkewInput = z.output<typeof partSkewInput>;
export type PartSkewOutput = z.output<typeof partSkewOutput>;
