import { z } from 'zod';
import { length, positiveLength, standardU } from '../schema/quantities';
import { cautions, working, uncertainty } from '../schema/results';

const place = z.object({ x: length, y: length });

export const patternFitInput = z.object({
  holes: z
    .array(
      z.object({
        name: z.string().max(120),
        /** Where it should be and where it was found, from part zero, mm. */
        nominal: place,
        measured: place,
        /** Diameter of the zone its middle must lie in, mm. */
        zone: positiveLength,
      }),
    )
    .min(1, { error: 'must hold at least one hole' })
    .max(2000, { error: 'must hold at most 2000 holes' }),
  /** Standard uncertainty of one measured coordinate, mm. */
  u: standardU,
});

export const patternFitOutput = z.object({
  /** The whole pattern: turned about zero, degrees counter-clockwise, then shifted, mm. */
  turn: z.number(),
  shift: place,
  /** U of both at 95 %; a turn needs two holes. */
  turnU: z.number().nullable().meta({ description: 'U of the turn, degrees at 95 %' }),
  /** Each hole: where it is off, its true position 2√(dx² + dy²) against its zone, and what is left once shift and turn are taken out. */
  holes: z.array(
    z.object({
      name: z.string(),
      off: place,
      position: z.number(),
      zone: z.number(),
      inZone: z.boolean(),
      left: place,
      leftPosition: z.number(),
    }),
  ),
  /** Of the shift along one axis. */
  uncertainty,
  tape: working,
  cautions,
});

export type PatternFitInput = z.output<typeof patternFitInput>;
export type PatternFitOutput = z.output<typeof patternFitOutput>;
