import { rowKind, withStored } from '../kinds/kind';
import type { NewStrike } from './strike.schema';

export type { NewStrike };

export const strikeKind = rowKind<NewStrike>()({
  name: 'strike',
  field: 'strikes',
  of: 'setup',
  collection: 'strikes',
  title: 'strike',
  summary: 'Strike a reading out, or restore it',
  version: 1,
  names: ({ readingId }) => [{ kind: 'reading', id: readingId, field: 'readingId' }],
  asKept: withStored<NewStrike>,
  when: ({ at }) => at,
});
