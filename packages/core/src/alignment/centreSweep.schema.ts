import { z } from 'zod';
import { allowed, indicatorUse } from '../schema/indicator';
import { sweepPoints } from '../schema/sweepPoints';
import { notes } from '../schema/note';
import { cautions, inLineState, working, uncertainty } from '../schema/results';

export const centreSweepInput = z.object({
  feature: z.enum(['bore', 'boss']),
  points: sweepPoints,
  indicator: indicatorUse,
  /** Most the spindle may be off the centre, mm. */
  allowed,
});

export const centreSweepOutput = z.object({
  /** Where the spindle is, seen from the feature's centre, mm. */
  off: z.object({ x: z.number(), y: z.number() }),
  /** Move the spindle by this, mm. */
  move: z.object({ x: z.number(), y: z.number() }),
  /** Distance off the centre, mm. */
  error: z.number(),
  /** What the dial should read all round once centred, mm. */
  shouldRead: z.number(),
  /** Largest less smallest reading, mm: twice the eccentricity, and the form on top. */
  tir: z.number(),
  /** What of it will remain when centred: largest less smallest residual, mm; null for three readings. */
  form: z.number().nullable(),
  residuals: z.array(z.object({ angle: z.number(), residual: z.number() })),
  /** U of the position along each axis, mm. */
  U: z.object({ x: z.number(), y: z.number() }).meta({ description: 'U, mm at 95 %' }),
  state: inLineState,
  uncertainty,
  notes,
  tape: working,
  cautions,
});

export type CentreSweepInput = z.output<typeof centreSweepInput>;
export type CentreSweepOutput = z.output<typeof centreSweepOutput>;
