import { documentKind } from '../kinds/kind';
import type { Part, PartShape } from './part.schema';

export type { Part, PartShape };

export const partKind = documentKind<Part>()({
  name: 'part',
  field: 'part',
  of: 'shop',
  collection: 'parts',
  title: 'part',
  summary: 'Add or replace a part',
  version: 1,
  key: ({ id }) => id,
  shows: 'of-part',
  empty: undefined,
});
