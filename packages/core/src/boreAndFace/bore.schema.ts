import { z } from 'zod';
import { length, positiveLength, standardU } from '../schema/quantities';
import { cautions, working, uncertainty } from '../schema/results';

export const boreInput = z
  .object({
    /** Limits of size, mm. */
    low: positiveLength,
    high: positiveLength,
    /** Size measured before the first pass, mm. */
    start: positiveLength,
    /** What was set and what then was measured, in order; diameters, mm. */
    passes: z
      .array(z.object({ set: positiveLength, measured: positiveLength }))
      .max(200, { error: 'must hold at most 200 passes' }),
    /** Spring of this bar as it was kept from bores before, until this one has taught its own. */
    kept: z.object({ k: z.number().gt(0).lte(1.2), c: length }).optional(),
    /** What the dial or indicator of the boring head counts, and one line of it, mm as it counts. */
    counts: z.enum(['diameter', 'radius'], { error: 'must be diameter or radius' }),
    step: positiveLength,
    /** Standard uncertainty of measuring the bore, mm. */
    uMeasured: standardU,
    /** Deepest cut, mm on the diameter. */
    mostCut: positiveLength.default(0.5),
  })
  .refine(({ low, high }) => high > low, { path: ['high'], error: 'must be greater than the lower limit' });

export const BORE_ADVICE = ['cut', 'last-cut', 'stop-and-measure', 'in-size', 'over'] as const;

export const boreOutput = z.object({
  /** Size now, and what is left to the middle of the limits, mm; negative beyond it. */
  now: z.number(),
  left: z.number(),
  /** Spring of the bar: of what is asked for beyond c, the share k is cut. */
  k: z.number(),
  c: z.number(),
  /** How it was learned: not yet, from bores before, as one share, or as share and offset. */
  learned: z.enum(['not-yet', 'kept', 'share', 'share-and-offset']),
  advice: z.enum(BORE_ADVICE),
  /** Next setting, mm on the diameter; what the dial then turns by from the last setting, mm as it counts, and in lines. */
  next: z.object({ set: z.number(), turn: z.number(), lines: z.number(), expected: z.number() }).nullable(),
  /** Passes still to come, this one in it. */
  passesLeft: z.number(),
  /** Worth running once more at the same setting before measuring. */
  freePass: z.boolean(),
  /** Of the size that the next pass is to bring, or of the size now where none is. */
  uncertainty,
  tape: working,
  cautions,
});

export type BoreInput = z.output<typeof boreInput>;
export type BoreOutput = z.output<typeof boreOutput>;
export type BorePass = BoreInput['passes'][number];
