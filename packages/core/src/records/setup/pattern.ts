import { documentKind } from '../kinds/kind';
import type { Pattern } from './pattern.schema';

export type { Pattern };

export const patternKind = documentKind<Pattern>()({
  name: 'pattern',
  field: 'patterns',
  of: 'setup',
  collection: 'patterns',
  title: 'pattern',
  summary: 'Put a pattern of positions',
  version: 1,
  key: ({ id }) => id,
  shows: 'all',
  empty: undefined,
});
