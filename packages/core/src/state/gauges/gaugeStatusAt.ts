import { calibrationsAt, type SetupState } from '../basis/setupState';
import { gaugeStatusOf, type GaugeStatus } from '../basis/gaugeStatus';
import type { KnownGauge } from '../basis/calibratedGauge';

/** How a gauge stands in a setup at a moment: by days and by what happened to it; touches are counted by the whole shop. */
export const gaugeStatusAt = (book: SetupState, gauge: KnownGauge, moment: string): GaugeStatus =>
  gaugeStatusOf(gauge, calibrationsAt(book, { kind: 'gauge', gaugeId: gauge.id }), moment);
