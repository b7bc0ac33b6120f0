import { z } from 'zod';
import { id, moment } from '../../schema/quantities';

/** Somebody's word on the first part, signed with a name. */
export const firstPart = z
  .object({
    id,
    verdict: z.enum(['in', 'out']),
    /** Who says so. */
    by: z.string().trim().min(1, { error: 'must not be empty' }).max(80, { error: 'must be at most 80 characters' }),
    /** What was measured for it, by the ids of the measurements. */
    measured: z.array(id).max(500, { error: 'must hold at most 500 measurements' }),
    note: z.string().max(500, { error: 'must be at most 500 characters' }),
    at: moment,
  })
  .meta({ id: 'FirstPart' });

export type NewFirstPart = z.output<typeof firstPart>;
