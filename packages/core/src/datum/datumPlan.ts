import type { DatumPlan } from '../contract/datumPlan';

/** What a set-up starts with: the usual ways, nothing carried, one datum. */
export const EMPTY_DATUM_PLAN: DatumPlan = { ways: {}, known: {}, onMyWord: [], carried: null, local: [] };
