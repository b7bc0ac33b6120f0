import { z } from 'zod';
import { id, moment } from '../../schema/quantities';

/** A step of the workholding list, or a whole task, ticked, skipped with a reason, or opened again. */
export const newCheck = z
  .object({
    id,
    /** The step's id in its list, or `align-` and the task. */
    item: id,
    /** The step as it was worded then: lists may change. */
    text: z.string().min(1).max(300),
    action: z.enum(['tick', 'skip', 'clear']),
    reason: z.string().max(200),
    at: moment,
  })
  .refine(({ action, reason }) => action !== 'skip' || reason.trim() !== '', {
    path: ['reason'],
    error: 'must say why it was skipped',
  })
  .meta({ id: 'NewCheck' });

export const check = newCheck.safeExtend({ seq: z.number().int(), receivedAt: moment }).meta({ id: 'Check' });

export type NewCheck = z.output<typeof newCheck>;
export type ChecklistTick = z.output<typeof check>;
