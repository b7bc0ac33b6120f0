import { z } from 'zod';
import { id, moment } from '../../schema/quantities';

/** Strikes a reading out, or takes the strike back. Both stay in the log. */
export const newStrike = z
  .object({
    id,
    readingId: id,
    action: z.enum(['strike', 'restore']),
    reason: z.string().max(200),
    at: moment,
  })
  .meta({ id: 'NewStrike' });

export type NewStrike = z.output<typeof newStrike>;
