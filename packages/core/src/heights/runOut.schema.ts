import { z } from 'zod';
import { notes } from '../schema/note';
import { angle, length, nonNegativeLength, positiveLength } from '../schema/quantities';
import { cautions, tape, uncertainty } from '../schema/results';

const ring = z.object({
  /** Distance of the readings above the tip, mm. */
  height: nonNegativeLength,
  /** What the indicator shows at each tooth, or at places round a tool without teeth; degrees and mm. */
  readings: z
    .array(z.object({ angle, reading: length }))
    .min(2, { error: 'must hold readings at two places or more' })
    .max(720, { error: 'must hold at most 720 readings' }),
});

export const runOutInput = z.object({
  /** One height, or two to tell an offset from a tilt. */
  rings: z
    .array(ring)
    .min(1, { error: 'must hold one height or two' })
    .max(2, { error: 'must hold one height or two' }),
  /** Most the tool may run out, total indicator reading, mm. */
  tolerance: positiveLength.default(0.025),
  resolution: nonNegativeLength,
  methodSd: nonNegativeLength,
});

export const runOutOutput = z.object({
  /** Largest less smallest at each height, mm. */
  tir: z.array(z.number()),
  /** The worst of them. */
  worst: z.number(),
  passed: z.boolean(),
  /** Eccentricity at the tip, mm and degrees, and how it grows along the tool, degrees; null from one height or two places. */
  offset: z.object({ size: z.number(), angle: z.number() }).nullable(),
  tilt: z.number().nullable(),
  notes,
  uncertainty,
  tape,
  cautions,
});

export type RunOutInput = z.output<typeof runOutInput>;
export type RunOutOutput = z.output<typeof runOutOutput>;
