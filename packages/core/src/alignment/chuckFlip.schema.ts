import { z } from 'zod';
import { allowed, indicatorUse, placeReadings } from '../schema/indicator';
import { nonNegativeLength } from '../schema/quantities';
import { cautions, inLineState, working, uncertainty } from '../schema/results';

/**
 * `two` and `three`: jaws of a scroll, that cannot be moved singly; two of them with mark 0 at a jaw. `four`:
 * independent jaws, each with its own screw. `free`: a part that can be tapped.
 */
const jaws = z.enum(['two', 'three', 'four', 'free']);

export const chuckFlipInput = z.object({
  /** Indicator position still. One pair centres across it; a second, a quarter turn on, centres both ways. */
  pairs: z
    .array(
      z.object({
        /** Which mark of the part faces the indicator first, degrees. */
        mark: z.union([z.literal(0), z.literal(90)]),
        /** Readings with that mark at the indicator, and half a turn on. */
        here: placeReadings,
        flipped: placeReadings,
      }),
    )
    .min(1, { error: 'must hold at least one pair of readings' })
    .max(2, { error: 'must hold at most two pairs of readings' }),
  indicator: indicatorUse,
  jaws,
  /** Run-out of the chuck's own body where it was read, total indicator reading, mm. */
  chuckTir: nonNegativeLength.optional(),
  /** Most the part may be off the axis, mm. */
  allowed,
});

export const chuckFlipOutput = z.object({
  /** How far off at each mark: toward that mark, mm. */
  off: z.array(z.object({ mark: z.number(), off: z.number() })),
  /** Distance off the axis, mm, and the mark it is off toward, degrees. */
  error: z.number(),
  toward: z.number(),
  /** What the dial should read at each mark once centred, mm. */
  shouldRead: z.array(z.object({ mark: z.number(), reading: z.number() })),
  /** Packing under the jaw nearest `toward`, mm, where the jaws cannot be moved singly: of two jaws along their line alone. */
  shim: z.number().nullable(),
  jaws,
  /** Set where the chuck itself is out by more than is allowed. */
  chuckOut: z.boolean(),
  state: inLineState,
  uncertainty,
  tape: working,
  cautions,
});

export type ChuckFlipInput = z.output<typeof chuckFlipInput>;
export type ChuckFlipOutput = z.output<typeof chuckFlipOutput>;
