import { rowKind, withStored } from '../kinds/kind';
import type { NewReadBack } from './readBack.schema';

export type { NewReadBack };

export const readBackKind = rowKind<NewReadBack>()({
  name: 'readBack',
  field: 'readBacks',
  of: 'setup',
  collection: 'read-backs',
  title: 'read-back',
  summary: 'Say what the machine shows after a setting, in a row of its tool table, or of a plate’s thickness',
  version: 2,
  names: ({ of }) => (of.kind === 'plate' ? [{ kind: 'gauge', id: of.gaugeId, field: 'of.gaugeId' }] : []),
  asKept: withStored<NewReadBack>,
  when: ({ at }) => at,
});
