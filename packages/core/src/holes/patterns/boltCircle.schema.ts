import { z } from 'zod';
import { boltCircleInput } from '../../records/setup/patternShape';
import { nonNegativeLength } from '../../schema/quantities';
import { cautions, working } from '../../schema/results';

export const boltCircleCalculatorInput = boltCircleInput.extend({
  /** Which hole the tape works out, from 1. */
  tapeFor: z.number().int().min(1).optional(),
  /** Expanded uncertainty of the datum the holes hang on, mm. */
  datumU: z.object({ x: nonNegativeLength, y: nonNegativeLength }).optional().meta({ description: 'U, mm at 95 %' }),
});

export const boltCircleOutput = z.object({
  positions: z.array(z.object({ hole: z.number(), x: z.number(), y: z.number(), angle: z.number() })),
  /** Angle from hole to hole, signed by the direction, degrees. */
  step: z.number(),
  /** Straight distance between neighbours, mm; null for one hole. */
  chord: z.number().nullable(),
  /** U of a position, mm: the datum's, since the arithmetic adds none; null where the datum's is not given. */
  uncertainty: z.object({ x: z.number(), y: z.number() }).nullable(),
  tape: working,
  cautions,
});

export type BoltCircleCalculatorInput = z.output<typeof boltCircleCalculatorInput>;
export type BoltCircleOutput = z.output<typeof boltCircleOutput>;
