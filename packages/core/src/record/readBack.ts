import { z } from 'zod';
import { id, length, moment } from '../schema/quantities';
import { rowKind, withStored } from './kind';
import { source } from './source';

/** What the machine showed after a setting, read by the person at it. */
export const newReadBack = z
  .object({
    id,
    /** The setting that was looked at. */
    zeroingId: id,
    /** What it showed, mm. */
    shown: length,
    source,
    at: moment,
  })
  .meta({ id: 'NewReadBack' });

export type NewReadBack = z.output<typeof newReadBack>;

export const readBackKind = rowKind({
  name: 'readBack',
  field: 'readBacks',
  of: 'setup',
  collection: 'read-backs',
  title: 'read-back',
  summary: 'Say what the machine shows after a setting',
  version: 1,
  schema: newReadBack,
  asKept: withStored<NewReadBack>,
  when: ({ at }) => at,
});
