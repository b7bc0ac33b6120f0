import { calibrationsAt, type Book } from './book';
import { standingOf, type GaugeStanding } from './gaugeStanding';
import type { KnownGauge } from './known';

/** How a gauge stands in a set-up at a moment: by days and by what happened to it; touches are counted by the whole shop. */
export const standingAt = (book: Book, gauge: KnownGauge, moment: string): GaugeStanding =>
  standingOf(gauge, calibrationsAt(book, { kind: 'gauge', gaugeId: gauge.id }), moment);
