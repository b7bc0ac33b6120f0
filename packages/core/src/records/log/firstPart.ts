import { rowKind, withStored } from '../kinds/kind';
import type { NewFirstPart } from './firstPart.schema';

export type { NewFirstPart };

export const firstPartKind = rowKind<NewFirstPart>()({
  name: 'firstPart',
  field: 'firstParts',
  of: 'setup',
  collection: 'first-parts',
  title: 'word on the first part',
  summary: 'Sign what was measured of the first part',
  version: 1,
  asKept: withStored<NewFirstPart>,
  when: ({ at }) => at,
});
