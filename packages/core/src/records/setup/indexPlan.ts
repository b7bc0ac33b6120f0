import { documentKind } from '../kinds/kind';
import type { IndexPlan } from './indexPlan.schema';

export type { IndexPlan };

export type PartIndex = IndexPlan['indices'][number];

/** What a setup starts with: no index but the one the part is clamped at. */
export const EMPTY_INDEX_PLAN: IndexPlan = { school: 'per-index', indices: [] };

export const indexPlanKind = documentKind<IndexPlan>()({
  name: 'indexPlan',
  field: 'indexPlan',
  of: 'setup',
  collection: 'indices',
  title: 'plan of indices',
  summary: 'Say which faces come up at which angles, and where zero is while the part turns',
  version: 1,
  key: () => '',
  shows: 'one',
  empty: EMPTY_INDEX_PLAN,
});
