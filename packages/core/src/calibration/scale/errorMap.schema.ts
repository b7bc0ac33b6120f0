import { z } from 'zod';
import { expandedU, length, nonNegativeLength, positiveLength } from '../../schema/quantities';
import { cautions, working, uncertainty } from '../../schema/results';
import { readings } from '../../schema/touch';

export const errorMapInput = z.object({
  /** What is known, a block or a stack of them, its U at 95 %, and what the scale or instrument shows of it, mm. */
  points: z
    .array(z.object({ known: positiveLength, U: expandedU, shown: readings }))
    .min(1, { error: 'must hold one block at least' })
    .max(50, { error: 'must hold at most 50 blocks' }),
  /** What it shows where nothing is between: closed, or with the indicator at zero, mm. */
  zero: length.default(0),
  method: z.object({ resolution: nonNegativeLength, methodSd: nonNegativeLength }),
});

export const errorMapOutput = z.object({
  /** What it reads over at each place, mm, with U; in the order of the places. */
  errors: z.array(
    z.object({ at: z.number(), error: z.number(), U: z.number().meta({ description: 'U, mm at 95 %' }) }),
  ),
  /** The largest of them, with its sign. */
  worst: z.number(),
  /** What it reads over per mm of travel, with U: least squares through nothing at nothing; null from one place. */
  perMm: z.object({ value: z.number(), U: z.number().meta({ description: 'U, mm a millimetre at 95 %' }) }).nullable(),
  /** Of the largest. */
  uncertainty,
  tape: working,
  cautions,
});

export type ErrorMapInput = z.output<typeof errorMapInput>;
export type ErrorMapOutput = z.output<typeof errorMapOutput>;
