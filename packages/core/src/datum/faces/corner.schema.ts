import { z } from 'zod';
import { approach, length } from '../../schema/quantities';
import { cautions, covariance, working, uncertainty, verdict } from '../../schema/results';
import { featureMethod, touchPoint } from '../touchPoint.schema';

const touches = (least: number) =>
  z
    .array(touchPoint)
    .min(least, { error: `must hold at least ${least === 1 ? 'one touch' : 'two touches'}` })
    .max(200, { error: 'must hold at most 200 touches' });

export const cornerInput = featureMethod.extend({
  /**
   * Touches of the face that runs along X, and of the one along Y. Two or more places of a face give its direction; a
   * face touched at one place is taken as square to the other, and with one place of each both as true to the axes.
   */
  alongX: z.object({ touches: touches(1), approach }),
  alongY: z.object({ touches: touches(1), approach }),
  /** What is asked of it: refused where the touches of a face are all at one place and cannot tell. */
  want: z.enum(['skew', 'squareness']).optional(),
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
  U: z.object({ x: z.number(), y: z.number(), skew: z.number() }).meta({ description: 'U, mm and degrees at 95 %' }),
  /** Coordinates of part zero on the scales read, mm. */
  workOffset: z.object({ x: z.number(), y: z.number() }),
  /** What makes up the U of each axis. */
  axes: z.object({ x: uncertainty, y: uncertainty }),
  covariance,
  uncertainty,
  verdict,
  tape: working,
  cautions,
});

export type CornerInput = z.output<typeof cornerInput>;
export type CornerOutput = z.output<typeof cornerOutput>;
