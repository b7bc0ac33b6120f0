import { z } from 'zod';
import { length } from '../../schema/quantities';
import { notes } from '../../schema/note';
import { cautions, covariance, working, uncertainty, verdict } from '../../schema/results';
import { featureMethod, touchPoint } from '../touchPoint.schema';

export const circleInput = featureMethod.extend({
  feature: z.enum(['bore', 'boss']),
  touches: z
    .array(touchPoint)
    .min(3, { error: 'must hold at least three touches; two leave the centre open' })
    .max(1000, { error: 'must hold at most 1000 touches' }),
  /** Nominal part coordinates of the centre, mm. */
  nominal: z.object({ x: length, y: length }),
});

export const circleOutput = z.object({
  centre: z.object({ x: z.number(), y: z.number() }),
  diameter: z.number(),
  /** Largest less smallest distance from the fitted circle, mm; null for three touches. */
  form: z.number().nullable(),
  /** Arc the touches span, degrees. */
  arc: z.number(),
  workOffset: z.object({ x: z.number(), y: z.number() }),
  /** U along each axis and along the weakest direction (degrees from X), mm. */
  U: z
    .object({ x: z.number(), y: z.number(), weakest: z.number(), weakestAngle: z.number(), diameter: z.number() })
    .meta({ description: 'U, mm at 95 %; the direction of the weakest in degrees' }),
  /** What makes up the U of each axis. */
  axes: z.object({ x: uncertainty, y: uncertainty }),
  covariance,
  uncertainty,
  verdict,
  notes,
  tape: working,
  cautions,
});

export type CircleInput = z.output<typeof circleInput>;
export type CircleOutput = z.output<typeof circleOutput>;
export type Covariance = z.output<typeof covariance>;
