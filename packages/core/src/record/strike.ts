import { z } from 'zod';
import { id, moment } from '../schema/quantities';
import { rowKind, withStored } from './kind';

/** Strikes a reading out, or takes the strike back. Both stay in the ledger. */
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

export const strikeKind = rowKind({
  name: 'strike',
  field: 'strikes',
  of: 'setup',
  collection: 'strikes',
  title: 'strike',
  summary: 'Strike a reading out, or restore it',
  version: 1,
  schema: newStrike,
  names: ({ readingId }) => [{ kind: 'reading', id: readingId, field: 'readingId' }],
  asKept: withStored<NewStrike>,
  when: ({ at }) => at,
});
