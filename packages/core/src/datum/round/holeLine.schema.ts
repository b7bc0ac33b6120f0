import { z } from 'zod';
import { length, nonNegativeLength } from '../../schema/quantities';
import { cautions, covariance, working, uncertainty, verdict } from '../../schema/results';

const point = z.object({ x: length, y: length });

/** A hole that was found: where, on the drawing, and how well its centre is known along each axis (standard u, mm). */
const foundHole = z.object({
  found: point,
  nominal: point,
  u: z.object({ x: nonNegativeLength, y: nonNegativeLength }).meta({ description: 'standard uncertainty, mm' }),
});

export const holeLineInput = z.object({
  /** The hole the origin is taken from, and the one that gives the direction. */
  from: foundHole,
  to: foundHole,
  tolerance: nonNegativeLength.optional(),
});

export const holeLineOutput = z.object({
  /** How far the part is turned: the line's direction less the drawing's, degrees counter-clockwise. */
  skew: z.number(),
  /** Between the two centres as found, and on the drawing, mm. */
  distance: z.number(),
  drawn: z.number(),
  /** Where part zero is on the scales read, the part's turn taken in, mm. */
  workOffset: z.object({ x: z.number(), y: z.number() }),
  /** U of part zero along each axis, mm, of the skew, degrees, and of the distance, mm. */
  U: z
    .object({ x: z.number(), y: z.number(), skew: z.number(), distance: z.number() })
    .meta({ description: 'U, mm and degrees at 95 %' }),
  axes: z.object({ x: uncertainty, y: uncertainty }),
  covariance,
  uncertainty,
  verdict,
  tape: working,
  cautions,
});

export type HoleLineInput = z.output<typeof holeLineInput>;
export type HoleLineOutput = z.output<typeof holeLineOutput>;
