import { z } from 'zod';
import { angle, length, standardU } from '../schema/quantities';
import { notes } from '../schema/note';
import { cautions, working, uncertainty } from '../schema/results';

const sense = z.union([z.literal(1), z.literal(-1)], { error: 'must be 1 or -1' });

export const ballAnglesInput = z.object({
  axis: z.enum(['A', 'B', 'C']),
  /** Which way it counts, as a trial turn showed it. */
  sense,
  /** The centre of one ball or pin at each command: its two coordinates across the axis, mm (Y and Z for A, Z and X for B, X and Y for C). */
  points: z
    .array(z.object({ command: angle, at: z.tuple([length, length]) }))
    .min(3, { error: 'must hold three angles at least' })
    .max(72, { error: 'must hold at most 72 angles' }),
  /** Standard uncertainty of a coordinate of one of those centres, mm. */
  uPoint: standardU,
  /** Smallest step of the rotary scale, degrees. */
  step: z.number().gte(0, { error: 'must not be negative' }).lt(10, { error: 'must be under 10' }),
});

export const ballAnglesOutput = z.object({
  /** Centre of rotation, mm, in the same two coordinates, and U of each. */
  centre: z.tuple([z.number(), z.number()]),
  U: z.tuple([z.number(), z.number()]).meta({ description: 'U, mm at 95 %' }),
  /** Distance of the ball from it, mm, and the largest distance of a touched place from where it should be. */
  arm: z.number(),
  residual: z.number(),
  notes,
  uncertainty,
  tape: working,
  cautions,
});

export type BallAnglesInput = z.output<typeof ballAnglesInput>;
export type BallAnglesOutput = z.output<typeof ballAnglesOutput>;
