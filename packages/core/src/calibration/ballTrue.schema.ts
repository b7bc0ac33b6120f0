import { z } from 'zod';
import { angle, length, nonNegativeLength, positiveLength } from '../schema/quantities';
import { cautions, working, uncertainty } from '../schema/results';

export const ballTrueInput = z.object({
  /** What an indicator at the ball shows with the spindle turned by hand to each angle, pressed plus; degrees and mm. */
  readings: z
    .array(z.object({ angle, reading: length }))
    .min(3, { error: 'must hold readings at three places or more round' })
    .max(72, { error: 'must hold at most 72 readings' }),
  /** Most the ball may run out, TIR, mm. */
  allowed: positiveLength,
  resolution: nonNegativeLength,
  methodSd: nonNegativeLength,
});

export const ballTrueOutput = z.object({
  /** Twice the fitted eccentricity, mm: the total indicator reading of a true ball that stands so far off. */
  tir: z.number(),
  /** Where its high side is, degrees of the spindle as the readings were named. */
  high: z.number(),
  /** Push the ball in from there by so much, mm: half of the TIR. */
  push: z.number(),
  within: z.boolean(),
  /** Of the TIR. */
  uncertainty,
  tape: working,
  cautions,
});

export type BallTrueInput = z.output<typeof ballTrueInput>;
export type BallTrueOutput = z.output<typeof ballTrueOutput>;
