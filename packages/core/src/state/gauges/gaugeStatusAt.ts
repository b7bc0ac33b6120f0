import { calibrationsAt, type Book } from '../basis/setupState';
import { standingOf, type GaugeStanding } from '../basis/gaugeStatus';
import type { KnownGauge } from '../basis/calibratedGauge';

/** How a gauge stands in a setup at a moment: by days and by what happened to it; touches are counted by the whole shop. */
export const standingAt = (book: Book, gauge: KnownGauge, moment: string): GaugeStanding =>
  standingOf(gauge, calibrationsAt(book, { kind: 'gauge', gaugeId: gauge.id }), moment);
