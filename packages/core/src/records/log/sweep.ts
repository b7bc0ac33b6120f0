import { rowKind, withStored } from '../kinds/kind';
import type { NewSweep } from './sweep.schema';

export type { NewSweep };

export const sweepKind = rowKind<NewSweep>()({
  name: 'sweep',
  field: 'sweeps',
  of: 'setup',
  collection: 'sweeps',
  title: 'sweep',
  summary: 'Add an indicator sweep read from a file',
  version: 1,
  asKept: withStored<NewSweep>,
  when: ({ at }) => at,
});
