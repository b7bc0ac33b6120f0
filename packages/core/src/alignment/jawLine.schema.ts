import { z } from 'zod';
import { allowed, indicatorUse, placeReadings } from '../schema/indicator';
import { length, positiveLength } from '../schema/quantities';
import { notes } from '../schema/note';
import { cautions, inLineState, working, uncertainty } from '../schema/results';

export const jawLineInput = z.object({
  /** The axis the jaw or fence should run along. */
  along: z.enum(['x', 'y']),
  /** Where the indicator stands: `low` on the operator's (or left) side of the face, `high` beyond it. */
  side: z.enum(['low', 'high']),
  points: z
    .array(z.object({ at: length, readings: placeReadings }))
    .min(2, { error: 'must hold at least two places along the jaw' })
    .max(500, { error: 'must hold at most 500 places' }),
  indicator: indicatorUse,
  /** Length of jaw the error is counted over, mm. */
  over: positiveLength,
  /** Places along the axis of the bolt that stays tight and of the end that is tapped. */
  pivot: length,
  loose: length,
  /** Ends of the vise or fence; a pivot outside is warned of. */
  ends: z.object({ from: length, to: length }).optional(),
  allowed,
});

export const jawLineOutput = z.object({
  slope: z.number(),
  /** Direction of the face, degrees counter-clockwise from the axis seen from above. */
  angle: z.number(),
  /** How far out over the whole length, mm. */
  error: z.number(),
  /** How the loose end must move across the axis, mm: + away from the operator (or to the right). */
  tap: z.number(),
  /** What the dial reads at the loose end now, by the line through the readings, and what it should read when right, mm. */
  reads: z.number(),
  shouldRead: z.number(),
  state: inLineState,
  uncertainty,
  notes,
  tape: working,
  cautions,
});

export type JawLineInput = z.output<typeof jawLineInput>;
export type JawLineOutput = z.output<typeof jawLineOutput>;
