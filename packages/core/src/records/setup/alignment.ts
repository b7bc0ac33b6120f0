import { documentKind } from '../kinds/kind';
import type { Alignment } from './alignment.schema';

export type { Alignment };

export type AlignmentOf<T extends Alignment['task']> = Extract<Alignment, { task: T }>;

export const alignmentKind = documentKind<Alignment>()({
  name: 'alignment',
  field: 'alignments',
  of: 'setup',
  collection: 'alignments',
  title: 'alignment',
  summary: 'Say how a thing is lined up',
  version: 2,
  names: (body) => ('indicatorId' in body ? [{ kind: 'gauge', id: body.indicatorId, field: 'indicatorId' }] : []),
  key: ({ task }) => task,
  shows: 'all',
  empty: undefined,
});
