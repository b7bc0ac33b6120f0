import { z } from 'zod';
import { angle, length, nonNegativeLength } from '../contract/quantities';
import { cautions, tape } from '../contract/results';
import { MAX_HOLES } from './maxHoles';

/** Holes on a circle: the whole of it, or an arc with a hole at both ends. */
export const boltCircleInput = z
  .object({
    centre: z.object({ x: length, y: length }),
    diameter: length.gt(0, {
      error: 'must be greater than zero; give the diameter of the circle through the hole centres',
    }),
    holes: z
      .number({ error: 'must be a whole number' })
      .int({ error: 'must be a whole number' })
      .min(1, { error: 'must be at least 1' })
      .max(MAX_HOLES, { error: 'must be at most 10000; split the work into several patterns' }),
    firstAngle: angle,
    direction: z.enum(['counter-clockwise', 'clockwise']),
    /** Degrees from first to last hole; left out for a full circle. */
    arc: angle
      .gt(0, { error: 'must be greater than zero; use the direction to go the other way' })
      .lt(360, { error: 'must be under 360; leave it out for a full circle' })
      .optional(),
  })
  .meta({ id: 'BoltCircle' });

export const boltCircleReckonInput = boltCircleInput.extend({
  /** Which hole the tape works out, from 1. */
  tapeFor: z.number().int().min(1).optional(),
  /** Expanded uncertainty of the datum the holes hang on, mm. */
  datumU: z.object({ x: nonNegativeLength, y: nonNegativeLength }).optional(),
});

export const boltCircleOutput = z.object({
  positions: z.array(z.object({ hole: z.number(), x: z.number(), y: z.number(), angle: z.number() })),
  /** Angle from hole to hole, signed by the direction, degrees. */
  step: z.number(),
  /** Straight distance between neighbours, mm; null for one hole. */
  chord: z.number().nullable(),
  /** U of a position, mm: the datum's, since the arithmetic adds none; null where the datum's is not given. */
  uncertainty: z.object({ x: z.number(), y: z.number() }).nullable(),
  tape,
  cautions,
});

export type BoltCircle = z.output<typeof boltCircleInput>;
export type BoltCircleReckonInput = z.output<typeof boltCircleReckonInput>;
export type BoltCircleOutput = z.output<typeof boltCircleOutput>;
export type HolePosition = BoltCircleOutput['positions'][number];
