import { z } from 'zod';
import { id, name } from '../../schema/quantities';

export const machineKindName = z.enum(['dials', 'readout', 'router', 'machining-centre']);

/** One thing to do before the first touch. */
export const holdingStep = z.object({
  id,
  text: z.string().trim().min(1, { error: 'must not be empty' }).max(300, { error: 'must be at most 300 characters' }),
  /** A miss hurts somebody or breaks something: it must be ticked by hand, and shown as a caution. */
  hurts: z.boolean(),
  /** Only on these machines; left out for all. */
  machines: z.array(machineKindName).min(1).optional(),
});

/** A way of holding the part, and its short list. */
export const holding = z
  .object({ id, name, steps: z.array(holdingStep).max(40, { error: 'must hold at most 40 steps' }) })
  .meta({ id: 'Holding' });

export type HoldingStep = z.output<typeof holdingStep>;
export type Holding = z.output<typeof holding>;
