import { z } from 'zod';
import { id, moment } from '../../schema/quantities';
import { INTERRUPTIONS } from './interruption';

export const newInterruption = z
  .object({
    id,
    what: z.enum(INTERRUPTIONS),
    at: moment,
  })
  .meta({ id: 'NewInterruption' });

export type NewInterruption = z.output<typeof newInterruption>;
