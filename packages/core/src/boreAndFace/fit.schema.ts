import { z } from 'zod';
import { positiveLength } from '../schema/quantities';
import { cautions, working } from '../schema/results';

export const fitInput = z.object({
  /** As it stands on the drawing: `26 H7`. */
  fit: z.string({ error: 'must be a text as 26 H7' }).max(20, { error: 'must be at most 20 characters, as 26 H7' }),
  /** What was measured, mm; left out where it is not yet. */
  measured: positiveLength.optional(),
});

export const fitOutput = z.object({
  /** Limits of size, mm. */
  nominal: z.number(),
  low: z.number(),
  high: z.number(),
  middle: z.number(),
  /** Where the measured size lies; null where nothing was measured. */
  lies: z.enum(['under', 'within', 'over']).nullable(),
  /** What is left to the middle of the limits, mm; null where nothing was measured. */
  left: z.number().nullable(),
  tape: working,
  cautions,
});

export type FitInput = z.output<typeof fitInput>;
export type FitOutput = z.output<typeof fitOutput>;
