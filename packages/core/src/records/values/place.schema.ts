import { z } from 'zod';
import { angle, id } from '../../schema/quantities';

/**
 * What a number was read on: a readout's absolute or incremental zero, machine coordinates, or a dial.
 * What an indicator or a caliper shows stands on no scale of the machine.
 */
export const scale = z.enum(['readout', 'incremental', 'machine', 'dial']);

/** How a controller calls one of its work offsets. */
export const workOffsetName = z
  .string()
  .trim()
  .min(1, { error: 'must not be empty' })
  .max(12, { error: 'must be at most 12 characters' })
  .regex(/^[A-Za-z0-9. #_-]*$/, { error: 'must be letters, figures, points and spaces, as G54' });

/** Where a number holds: the scale, the work offset in force where there are several, and how the rotary axes stood, degrees. */
export const place = z.object({
  scale,
  workOffset: workOffsetName.optional(),
  index: z.object({ A: angle.optional(), B: angle.optional(), C: angle.optional() }).optional(),
});

/**
 * The zero a scale had: named by whoever gave it that zero, so that two devices can never open the same one.
 * A scale that nobody has set yet stands on its first.
 */
export const epoch = id;

export type ReadingScale = z.output<typeof scale>;
export type Place = z.output<typeof place>;
