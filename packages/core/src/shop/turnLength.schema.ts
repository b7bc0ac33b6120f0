import { z } from 'zod';
import { cautions, working } from '../schema/results';

export const turnLengthInput = z.object({
  /** As a person types it: `1 3/8`, `12.7 mm`, `5 thou`, `25.4/2 + 0.05`. */
  text: z.string({ error: 'must be a text as 1 3/8 or 12.7 mm' }).max(80, { error: 'must have at most 80 characters' }),
  /** What a bare number is in. */
  unit: z.enum(['mm', 'in'], { error: 'must be mm or in' }),
});

export const turnLengthOutput = z.object({
  mm: z.number(),
  inches: z.number(),
  /** The nearest binary fraction of an inch, to a 64th: whole inches, numerator and denominator; 0/1 for none. */
  fraction: z.object({ whole: z.number(), over: z.number(), under: z.number() }),
  /** What the fraction leaves over, mm. */
  left: z.number(),
  tape: working,
  cautions,
});

export type TurnLengthInput = z.output<typeof turnLengthInput>;
export type TurnLengthOutput = z.output<typeof turnLengthOutput>;
