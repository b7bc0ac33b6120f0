import { documentKind } from '../kinds/kind';
import type { DatumPlan, Feature, LocalDatum } from './datumPlan.schema';

export type { Feature, LocalDatum, DatumPlan };

/** Where a gauge may sit when it finds a height. */
export const GAUGE_SITS = ['under', 'spindle', 'arm'] as const;

export type GaugeSits = (typeof GAUGE_SITS)[number];

/** What a setup starts with: the usual ways, nothing carried, one datum. */
export const EMPTY_DATUM_PLAN: DatumPlan = { ways: {}, known: {}, onMyWord: [], carried: null, local: [] };

export const datumPlanKind = documentKind<DatumPlan>()({
  name: 'datumPlan',
  field: 'datumPlan',
  of: 'setup',
  collection: 'datum',
  title: 'way features are found',
  summary: 'Say how features are found, name local datums, carry a skew',
  version: 3,
  key: () => '',
  shows: 'one',
  empty: EMPTY_DATUM_PLAN,
});
