import { z } from 'zod';
import { approach, length, nonNegativeLength, positiveLength } from '../../schema/quantities';
import { cautions, working } from '../../schema/results';

export const dialMoveInput = z.object({
  /** Where to go, mm from the dial's zero, and where the axis stands. */
  to: length,
  from: length,
  /** Whether the backlash is taken up where it is, in the approach direction. */
  taken: z.boolean({ error: 'must be true or false' }),
  dial: z.object({
    perTurn: positiveLength,
    lines: z.number({ error: 'must be a whole number' }).int({ error: 'must be a whole number' }).min(2).max(1000),
  }),
  backlash: nonNegativeLength,
  approach,
});

export const dialMoveOutput = z.object({
  turnings: z.array(
    z.object({ way: z.enum(['forward', 'back']), turns: z.number(), line: z.number(), lines: z.number() }),
  ),
  /** The same in words. */
  words: z.array(z.string()),
  reversal: z.boolean(),
  at: z.object({ turns: z.number(), line: z.number() }),
  /** Lines from the dial's zero once there, minus before it. */
  lines: z.number(),
  /** What rounding to a line leaves over, mm. */
  left: z.number(),
  uncertainty: z.null(),
  tape: working,
  cautions,
});

export type DialMoveInput = z.output<typeof dialMoveInput>;
export type DialMoveOutput = z.output<typeof dialMoveOutput>;
