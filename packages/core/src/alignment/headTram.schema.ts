import { z } from 'zod';
import { allowed, indicatorUse, placeReadings } from '../schema/indicator';
import { positiveLength } from '../schema/quantities';
import { cautions, inLineState, working, uncertainty } from '../schema/results';

export const headTramInput = z.object({
  plane: z.enum(['left-right', 'front-back']),
  /** Distance between the two opposite places, mm: twice the swing's radius. */
  swing: positiveLength,
  /** Readings at the left (front), and at the right (back). */
  low: placeReadings,
  high: placeReadings,
  indicator: indicatorUse,
  /** Most the two may differ, mm. */
  allowed,
});

export const headTramOutput = z.object({
  /** How much lower the swing runs at the right (back) than at the left (front), mm. */
  error: z.number(),
  /** Head tilt's top toward the right (back), degrees. */
  lean: z.number(),
  /** The same as a right-handed turn about Y (left-right) or X (front-back), degrees (ISO 841). */
  turn: z.number(),
  per100: z.number(),
  per6in: z.number(),
  state: inLineState,
  uncertainty,
  tape: working,
  cautions,
});

export type HeadTramInput = z.output<typeof headTramInput>;
export type HeadTramOutput = z.output<typeof headTramOutput>;
