import { FINDER_KINDS } from './finderKinds';
import type { GaugeKindFacts } from './gaugeKindFacts';
import { HEIGHT_GAUGE_KINDS } from './heightGaugeKinds';
import { INSTRUMENT_KINDS } from './instrumentKinds';

/** Everything of known size that touches. */
export const GAUGE_KINDS = [
  'spring-finder',
  'bearing-finder',
  'contact-light',
  'probe',
  'pin',
  'feeler',
  'paper',
  'block',
  'touch-plate',
  'setter',
  'ring',
  'master-tool',
  'indicator',
  'plug',
  'caliper',
  'micrometer',
  'bore-gauge',
] as const;

export type GaugeKind = (typeof GAUGE_KINDS)[number];

/** All that is so of a kind of gauge, until the shop's own calibration or log has better. */
export const GAUGE_FACTS: Readonly<Record<GaugeKind, GaugeKindFacts>> = {
  ...FINDER_KINDS,
  ...HEIGHT_GAUGE_KINDS,
  ...INSTRUMENT_KINDS,
};

/** Kinds of which something is so, in the order they are listed. */
export const gaugeKindsWith = (is: (facts: GaugeKindFacts) => boolean): GaugeKind[] =>
  GAUGE_KINDS.filter((kind) => is(GAUGE_FACTS[kind]));

/** Whether the size of a gauge is the diameter of its contact, of which half counts. */
export const isRound = (kind: GaugeKind): boolean => GAUGE_FACTS[kind].size === 'contact';

/** Whether a kind of gauge has a size of its own, and does not only read one. */
export const hasSize = (kind: GaugeKind): boolean => GAUGE_FACTS[kind].size !== 'none';

/** Whether it is an instrument: known by how it reads. */
export const isInstrument = (kind: GaugeKind): boolean => GAUGE_FACTS[kind].calibratedBy.includes('errors');
