import { z } from 'zod';
import { approach, length } from '../contract/quantities';
import { cautions, tape, uncertainty, verdict } from '../contract/results';
import { featureMethod, touchPoint } from './touchPoint.schema';

const touches = (least: number) =>
  z
    .array(touchPoint)
    .min(least, { error: `must hold at least ${least === 1 ? 'one touch' : 'two touches'}` })
    .max(200, { error: 'must hold at most 200 touches' });

export const cornerInput = featureMethod.extend({
  /** Touches of the face that runs along X, from which the skew is taken: two or more. */
  alongX: z.object({ touches: touches(2), approach }),
  /** Touches of the face that runs along Y: one where the corner is taken as square, two or more to measure it. */
  alongY: z.object({ touches: touches(1), approach }),
  /** Nominal part coordinates of the corner, mm. */
  nominal: z.object({ x: length, y: length }),
});

export const cornerOutput = z.object({
  corner: z.object({ x: z.number(), y: z.number() }),
  /** Direction of the face along X, degrees counter-clockwise from X. */
  skew: z.number(),
  /** How far the two faces are from square: their angle less 90, degrees; null where it was taken as square. */
  offSquare: z.number().nullable(),
  /** U of the corner along each axis, mm, and of the skew, degrees. */
  U: z.object({ x: z.number(), y: z.number(), skew: z.number() }),
  uncertainty,
  verdict,
  tape,
  cautions,
});

export type CornerInput = z.output<typeof cornerInput>;
export type CornerOutput = z.output<typeof cornerOutput>;
