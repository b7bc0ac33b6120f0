import { GAUGE_FACTS, type GaugeKind } from '../metrology/gauges/gaugeKinds';
import type { Gauge } from '../records/shop/gauge';
import type { Machine } from '../records/shop/machine';

/** What is to be found: faces sideways, or heights. */
export type Finds = 'edges' | 'heights';

const BY_HAND = {
  edges: ['spring-finder', 'pin', 'bearing-finder', 'contact-light'],
  heights: ['block', 'setter', 'touch-plate'],
} as const;

/** What people mostly take at a machine of each kind, first what they would reach for: a plate or probe needs a control. */
const MOSTLY: Readonly<Record<Machine['kind'], Readonly<Record<Finds, readonly GaugeKind[]>>>> = {
  dials: BY_HAND,
  readout: BY_HAND,
  router: { edges: ['touch-plate', 'paper', 'pin'], heights: ['touch-plate', 'block', 'setter'] },
  'machining-centre': {
    edges: ['probe', 'spring-finder', 'contact-light'],
    heights: ['block', 'setter', 'touch-plate'],
  },
};

/**
 * The gauge of a shop that a setup begins with until the person says which: of the kind mostly taken at such a machine;
 * for faces else any that finds them; else none.
 *
 * @param gauges the shop's, in its own order; those put away are left out
 */
export function usualGauge(gauges: readonly Gauge[], machine: Machine['kind'], finds: Finds): Gauge | undefined {
  const kept = gauges.filter(({ retiredOn }) => retiredOn === undefined);
  const ofKind = (kind: GaugeKind) => kept.find((gauge) => gauge.kind === kind);
  const mostly = MOSTLY[machine][finds].map(ofKind).find((gauge) => gauge !== undefined);
  if (mostly || finds === 'heights') return mostly;
  return kept.find(({ kind }) => ['edges', 'both'].includes(GAUGE_FACTS[kind].finds));
}
