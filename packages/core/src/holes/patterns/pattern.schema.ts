import { z } from 'zod';
import { movedInput, patternKinds } from '../../records/setup/patternShape';
import { nonNegativeLength } from '../../schema/quantities';
import { cautions, working } from '../../schema/results';

export const patternCalculatorInput = patternKinds({
  moved: movedInput.optional(),
  /** Which hole the tape works out, from 1. */
  tapeFor: z.number().int().min(1).optional(),
  /** Expanded uncertainty of the datum the holes hang on, mm. */
  datumU: z.object({ x: nonNegativeLength, y: nonNegativeLength }).optional().meta({ description: 'U, mm at 95 %' }),
});

export const patternOutput = z.object({
  positions: z.array(z.object({ hole: z.number(), x: z.number(), y: z.number(), angle: z.number().nullable() })),
  /** U of a position, mm: the datum's, since the arithmetic adds none; null where the datum's is not given. */
  uncertainty: z.object({ x: z.number(), y: z.number() }).nullable(),
  tape: working,
  cautions,
});

export type PatternCalculatorInput = z.output<typeof patternCalculatorInput>;
export type PatternOutput = z.output<typeof patternOutput>;
type Each<T> = T extends unknown ? Omit<T, 'tapeFor' | 'datumU'> : never;
/** Where the holes of a pattern are, and what is done with the whole of it. */
export type PatternShape = Each<PatternCalculatorInput>;
export type PatternKind = PatternShape['kind'];
