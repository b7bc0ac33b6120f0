import { documentKind } from '../kinds/kind';
import type { KeptTable } from './toolTable.schema';

export type { KeptTable };

export const toolTableKind = documentKind<KeptTable>()({
  name: 'toolTable',
  field: 'toolTable',
  of: 'shop',
  collection: 'tables',
  title: 'tool table',
  summary: 'Keep the tool lengths a machine was given',
  version: 1,
  names: ({ id }) => [{ kind: 'machine', id, field: 'id' }],
  key: ({ id }) => id,
  shows: 'of-machine',
  empty: null,
});
