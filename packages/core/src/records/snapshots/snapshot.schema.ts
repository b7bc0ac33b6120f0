import { z } from 'zod';
import { id, moment, nonNegativeLength } from '../../schema/quantities';

/** One line of the bench. */
export const setupSummary = z
  .object({
    id,
    name: z.string(),
    machine: z.string(),
    part: z.string(),
    purpose: z.enum(['work', 'practice']),
    changedAt: moment,
    readings: z.number().int(),
    /** Axes whose zero is set. */
    set: z.array(z.enum(['x', 'y', 'z'])),
    patterns: z.number().int(),
  })
  .meta({ id: 'SetupSummary' });

/** Scatter of a gauge's repeats about their own means, over the whole log. */
export const repeatability = z
  .object({
    gaugeId: id,
    /** Pooled standard deviation, mm, and its degrees of freedom. */
    sd: nonNegativeLength,
    dof: z.number().int().min(1),
    /** Readings it comes from. */
    readings: z.number().int(),
  })
  .meta({ id: 'Repeatability' });

export type SetupSummary = z.output<typeof setupSummary>;
export type Repeatability = z.output<typeof repeatability>;
