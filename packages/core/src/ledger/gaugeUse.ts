import type { EdgeInput } from '../datum/edge.schema';
import type { Gauge } from '../contract/shop';
import { GAUGE_FACTS } from '../metrology/gaugeKinds';

/** Size to reckon with: the measured one where it was measured. */
export const sizeOf = (gauge: Gauge): number => gauge.measured ?? gauge.nominal;

/** Standard uncertainty of a touch with it, mm: the shop's own figure, else the kind's default. */
export const touchU = (gauge: Gauge): number => gauge.u ?? GAUGE_FACTS[gauge.kind].defaultU;

/** The contact a gauge makes with so much feeler on it. */
export const contactOf = (gauge: Gauge, feeler: number): EdgeInput['contact'] => ({
  diameter: sizeOf(gauge),
  feeler,
  tir: gauge.tir ?? 0,
  spin: GAUGE_FACTS[gauge.kind].spin,
});
