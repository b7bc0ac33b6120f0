import { z } from 'zod';
import { length, nonNegativeLength } from './quantities';

/** Readings of one touch, mm: one to a thousand. */
export const readings = z
  .array(length)
  .min(1, { error: 'must hold at least one reading' })
  .max(1000, { error: 'must hold at most 1000 readings' });

/** What is known of the way of touching. */
export const touchMethod = z
  .object({
    resolution: nonNegativeLength.meta({ description: 'display step of the scale, mm' }),
    methodSd: nonNegativeLength.meta({ description: 'standard deviation of the method, mm' }),
    methodDof: z.number().int().min(1).max(10_000).optional(),
  })
  .meta({ id: 'TouchMethod' });
