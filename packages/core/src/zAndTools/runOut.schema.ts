import { z } from 'zod';
import { notes } from '../schema/note';
import { angle, length, nonNegativeLength, positiveLength } from '../schema/quantities';
import { cautions, working, uncertainty } from '../schema/results';

const ring = z.object({
  /**
   * Where on the tool: at its teeth, one by one, or round its shank at the spindle's own angles. Along helical teeth the
   * same tooth is elsewhere at another height, so only the shank tells which way the tool leans.
   */
  on: z.enum(['teeth', 'shank']).default('teeth'),
  /** Distance of the readings above the tip, mm. */
  height: nonNegativeLength,
  /** What the indicator shows at each tooth, or at places round a tool without teeth; degrees and mm. */
  readings: z
    .array(z.object({ angle, reading: length }))
    .min(2, { error: 'must hold readings at two places or more' })
    .max(720, { error: 'must hold at most 720 readings' }),
});

export const runOutInput = z.object({
  /** The teeth, and two heights of the shank to tell an offset from a tilt. */
  rings: z
    .array(ring)
    .min(1, { error: 'must hold one height at least' })
    .max(3, { error: 'must hold three heights at most' }),
  /** Most the tool may run out, total indicator reading, mm. */
  tolerance: positiveLength.default(0.02),
  resolution: nonNegativeLength,
  methodSd: nonNegativeLength,
});

export const runOutOutput = z.object({
  /** Largest less smallest at each height, mm. */
  tir: z.array(z.number()),
  /** The worst of them. */
  worst: z.number(),
  passed: z.boolean(),
  /**
   * Twice the fitted eccentricity at the worst height with its U, mm, from six places on: largest less smallest of many
   * readings is made larger by their scatter, the fit is not. Null from fewer.
   */
  fitted: z.object({ tir: z.number(), U: z.number().meta({ description: 'U, mm at 95 %' }) }).nullable(),
  /** Eccentricity at the tip, mm and degrees, and how it grows along the tool, degrees; null without two heights of the shank, each at three places. */
  offset: z.object({ size: z.number(), angle: z.number() }).nullable(),
  tilt: z.number().nullable(),
  notes,
  uncertainty,
  tape: working,
  cautions,
});

export type RunOutInput = z.output<typeof runOutInput>;
export type RunOutOutput = z.output<typeof runOutOutput>;
