import { GAUGE_FACTS, type GaugeKind } from '../../metrology/gauges/gaugeKinds';
import type { Calibration, CalibrationFound, VoidedBy } from '../../records/shop/calibration';
import type { Gauge } from '../../records/shop/gauge';

/** Whether the calibration of a gauge still counts. Moments ISO 8601. */
export type GaugeStatus =
  | { state: 'good'; since: string; due: string | null }
  /** Still good, but for less than a tenth of its time. */
  | { state: 'soon'; since: string; due: string | null; by: 'days' | 'uses' }
  | { state: 'overdue'; since: string; due: string | null; by: 'days' | 'uses' }
  | { state: 'voided'; since: string; why: VoidedBy }
  | { state: 'never' };

/** What makes a gauge of a kind known. */
export const knownBy = (kind: GaugeKind): readonly CalibrationFound['what'][] => GAUGE_FACTS[kind].calibratedBy;

const DAY = 86_400_000;

/** Share of its time that is left when it is said that it comes due. */
const SOON = 0.1;

/** When a gauge is to be checked again: the shop's choice, else as usual for its kind. */
export const dueOf = ({ kind, due }: Pick<Gauge, 'kind' | 'due'>): { days: number; uses?: number } => ({
  ...GAUGE_FACTS[kind].due,
  ...due,
});

/**
 * How a gauge stands at a moment, by its calibrations in the order they were made.
 *
 * @param uses touches with it since the last of them, where that was counted
 */
export function gaugeStatusOf(
  gauge: Pick<Gauge, 'kind' | 'due'>,
  calibrations: readonly Calibration[],
  moment: string,
  uses = 0,
): GaugeStatus {
  const what = knownBy(gauge.kind);
  const last = calibrations.findLast(
    ({ found, from }) => from <= moment && (found.what === 'void' || what.includes(found.what)),
  );
  if (!last) return { state: 'never' };
  // Said to have been so already before it was found, it grows old from the day it was found.
  const since = last.at <= moment ? last.at : moment;
  if (last.found.what === 'void') return { state: 'voided', since, why: last.found.why };
  const limit = dueOf(gauge);
  const due = new Date(Date.parse(since) + limit.days * DAY).toISOString();
  const gone = (Date.parse(moment) - Date.parse(since)) / (limit.days * DAY);
  const used = limit.uses === undefined ? 0 : uses / limit.uses;
  const by = used > gone ? 'uses' : 'days';
  const share = Math.max(gone, used);
  if (share > 1) return { state: 'overdue', since, due, by };
  return share > 1 - SOON ? { state: 'soon', since, due, by } : { state: 'good', since, due };
}
