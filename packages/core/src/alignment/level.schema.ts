import { z } from 'zod';
import { allowed, indicatorUse, placeReadings } from '../schema/indicator';
import { positiveLength } from '../schema/quantities';
import { cautions, inLineState, working, uncertainty } from '../schema/results';

export const levelInput = z.object({
  /** Distance between the two places, square to the rotary axis, mm. */
  distance: positiveLength,
  /** Readings on top at the first place, and at the second, toward +Y for an axis along X (toward -X for one along Y). */
  first: placeReadings,
  second: placeReadings,
  indicator: indicatorUse,
  /** +1 where a plus command turns the tool right-handed about the part, as ISO 841 has it: a table turns left-handed; else -1. */
  sense: z.union([z.literal(1), z.literal(-1)], { error: 'must be 1 or -1' }),
  /** Most the two places may differ, mm. */
  allowed,
});

export const levelOutput = z.object({
  /** How much higher the second place is, mm. */
  error: z.number(),
  /** Tilt of the surface, right-handed about the axis, degrees. */
  angle: z.number(),
  /** Turn the rotary axis by this, then make it read zero, degrees. */
  turn: z.number(),
  state: inLineState,
  uncertainty,
  tape: working,
  cautions,
});

export type LevelInput = z.output<typeof levelInput>;
export type LevelOutput = z.output<typeof levelOutput>;
