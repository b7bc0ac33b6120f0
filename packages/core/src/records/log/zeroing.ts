import { rowKind, withStored } from '../kinds/kind';
import type { NewZeroing, Zeroing } from './zeroing.schema';

export type { NewZeroing, Zeroing };

export const zeroingKind = rowKind<NewZeroing>()({
  name: 'zeroing',
  field: 'zeroings',
  of: 'setup',
  collection: 'zeroings',
  title: 'setting',
  summary: 'Say that an axis was set',
  version: 2,
  asKept: withStored<NewZeroing>,
  when: ({ at }) => at,
});
