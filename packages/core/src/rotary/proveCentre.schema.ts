import { z } from 'zod';
import { angle, length, nonNegativeLength, positiveLength } from '../schema/quantities';
import { cautions, working, uncertainty } from '../schema/results';

const sense = z.union([z.literal(1), z.literal(-1)], { error: 'must be 1 or -1' });
const place = z.tuple([length, length]);
const walls = z.array(positiveLength).min(1, { error: 'must hold one reading at least' }).max(100);

/** A wall left by a cut at the first index, and by the same cut half a turn on, both at the same outer face of the part. */
const wallPair = z.object({ first: walls, turned: walls });

export const proveCentreInput = z.object({
  axis: z.enum(['A', 'B', 'C']),
  /** The centre in use, and U of its two coordinates, mm. */
  centre: place,
  centreU: z.tuple([nonNegativeLength, nonNegativeLength]).meta({ description: 'U, mm at 95 %' }),
  by: z.discriminatedUnion('what', [
    z.object({
      what: z.literal('walls'),
      /** Which of the two coordinates across the axis the walls lie along at the first index: 0 the first, 1 the second. */
      along: z.union([z.literal(0), z.literal(1)]),
      /** The wall toward plus at the first index, and the one toward minus where it was measured too. */
      plus: wallPair.optional(),
      minus: wallPair.optional(),
      /** What one reading of the micrometer scatters by, its step, and its U, mm. */
      instrument: z.object({ resolution: nonNegativeLength, sd: nonNegativeLength }),
    }),
    z.object({
      what: z.literal('point'),
      /** Which way it counts, and what it was turned by between, degrees. */
      sense,
      command: angle,
      /** The same ball, bore or boss before and after the turn, mm. */
      first: place,
      turned: place,
      uPoint: nonNegativeLength.meta({ description: 'standard uncertainty of each of those coordinates, mm' }),
    }),
  ]),
});

/** `true`: as far as can be seen; `unsure`: measure again; `off`: it is elsewhere. */
const state = z.enum(['true', 'unsure', 'off']);

const along = z.object({
  coordinate: z.enum(['X', 'Y', 'Z']),
  /** The true centre less the one in use, mm, and U of that. */
  off: z.number(),
  U: z.number().meta({ description: 'U, mm at 95 %' }),
  state,
  /** The centre corrected, mm. */
  corrected: z.number(),
});

export const proveCentreOutput = z.object({
  /** What was found along one coordinate across the axis or both. */
  along: z.array(along),
  state,
  uncertainty,
  tape: working,
  cautions,
});

export type ProveCentreInput = z.output<typeof proveCentreInput>;
export type ProveCentreOutput = z.output<typeof proveCentreOutput>;
