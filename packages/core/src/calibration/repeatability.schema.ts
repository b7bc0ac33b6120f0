import { z } from 'zod';
import { length, nonNegativeLength } from '../schema/quantities';
import { cautions, repeatsResult, working, uncertainty } from '../schema/results';

/** Fewest approaches that say anything of scatter, and as many as make it good. */
export const FEWEST_APPROACHES = 3;
export const GOOD_APPROACHES = 10;

export const repeatabilityInput = z.object({
  /** What the scale shows at one fixed face or spot, each time after backing off, always from the same side, mm. */
  readings: z
    .array(length)
    .min(FEWEST_APPROACHES, {
      error: `must hold at least ${FEWEST_APPROACHES} readings; ${GOOD_APPROACHES} make it good`,
    })
    .max(1000, { error: 'must hold at most 1000 readings' }),
  resolution: nonNegativeLength.meta({ description: 'display step of the scale, mm' }),
});

export const repeatabilityOutput = z.object({
  /** Standard deviation of one touch, mm: never less than what the display step alone makes of it. */
  sd: z.number(),
  repeats: repeatsResult,
  /** Of that standard deviation. */
  uncertainty,
  tape: working,
  cautions,
});

export type RepeatabilityInput = z.output<typeof repeatabilityInput>;
export type RepeatabilityOutput = z.output<typeof repeatabilityOutput>;
