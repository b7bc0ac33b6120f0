import { z } from 'zod';
import { angle, expandedU, length, nonNegativeLength } from '../schema/quantities';
import { cautions, working, uncertainty, verdict } from '../schema/results';

const point3 = z.object({ x: length, y: length, z: length });

/** A rotary axis as it stands: which way it counts, where it turns about, and how well both are known. */
const turning = z.object({
  name: z.enum(['A', 'B', 'C']),
  /** +1 where a plus command turns the part left-handed about the axis, the tool right-handed about the part (ISO 841). */
  sense: z.union([z.literal(1), z.literal(-1)], { error: 'must be 1 or -1' }),
  /** Centre of rotation in the two coordinates across the axis, mm: Y and Z for A, Z and X for B, X and Y for C; and U of each. */
  centre: z.tuple([length, length]),
  centreU: expandedU,
  /** Smallest step of its scale, degrees. */
  step: z.number().gte(0, { error: 'must not be negative' }).lt(10, { error: 'must be under 10' }),
  /** What it is turned by, degrees as commanded. */
  command: angle,
});

export const indexedPointInput = z.object({
  /** Where the datum is with all axes at zero, mm in machine coordinates, and U of each coordinate. */
  point: point3,
  pointU: z
    .object({ x: nonNegativeLength, y: nonNegativeLength, z: nonNegativeLength })
    .meta({ description: 'U, mm at 95 %' }),
  /**
   * Length of the tool that is still in Z of the datum, mm from the gauge line, and its U: centres of rotation have no tool in
   * them, so it is taken off before the part is turned and put back after.
   */
  toolInZ: z.object({ length: nonNegativeLength, U: expandedU }).optional(),
  /** The rotary axes, the one that carries the part first, then what carries that. */
  axes: z
    .array(turning)
    .min(1, { error: 'must name an axis at least' })
    .max(3, { error: 'must name three axes at most' }),
  tolerance: nonNegativeLength.optional(),
});

export const indexedPointOutput = z.object({
  /** Where the datum is at this index, mm. */
  point: z.object({ x: z.number(), y: z.number(), z: z.number() }),
  U: z.object({ x: z.number(), y: z.number(), z: z.number() }).meta({ description: 'U, mm at 95 %' }),
  /** That of the coordinate known worst. */
  uncertainty,
  verdict,
  tape: working,
  cautions,
});

export type IndexedPointInput = z.output<typeof indexedPointInput>;
export type IndexedPointOutput = z.output<typeof indexedPointOutput>;
