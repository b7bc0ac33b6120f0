import { documentKind } from '../kinds/kind';
import type { CutPlan, DriveOrder, Bore, Facing, ProgramForm } from './cutPlan.schema';

export type { DriveOrder, Bore, Facing, ProgramForm, CutPlan };

/** How holes are put in order. */
export const ORDER_WAYS = ['as-numbered', 'fewest-reversals', 'shortest', 'by-hand'] as const;

/** A setup nobody has planned any cutting for yet. */
export const EMPTY_CUT_PLAN: CutPlan = { bores: [] };

export const cutPlanKind = documentKind<CutPlan>()({
  name: 'cutPlan',
  field: 'cutPlan',
  of: 'setup',
  collection: 'cut',
  title: 'plan of the cutting',
  summary: 'Plan the cutting: order of holes, bores and their limits, facing',
  version: 1,
  names: ({ bores }) => bores.map(({ gaugeId }, i) => ({ kind: 'gauge', id: gaugeId, field: `bores.${i}.gaugeId` })),
  key: () => '',
  shows: 'one',
  empty: EMPTY_CUT_PLAN,
});
