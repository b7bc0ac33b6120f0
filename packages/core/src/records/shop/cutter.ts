import { documentKind } from '../kinds/kind';
import type { Cutter } from './cutter.schema';

export type { Cutter };

/** A cutter under its number in the machine at hand. */
export type Tool = Cutter & { number: number };

export const cutterKind = documentKind<Cutter>()({
  name: 'cutter',
  field: 'cutters',
  of: 'shop',
  collection: 'cutters',
  title: 'cutter',
  summary: 'Add or replace a cutter',
  version: 1,
  key: ({ id }) => id,
  shows: 'all',
  empty: undefined,
});
