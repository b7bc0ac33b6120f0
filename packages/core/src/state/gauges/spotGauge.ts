import { GAUGE_FACTS, type GaugeKind } from '../../metrology/gauges/gaugeKinds';
import type { Gauge } from '../../records/shop/gauge';
import type { SetupState } from '../basis/setupState';
import { allReadingsOf, lastZeroing } from '../basis/activeRecords';
import type { KnownGauge } from '../basis/calibratedGauge';
import type { ZSetter } from '../toolChange/touchOffPoint';

/** What tools are touched off on at the spot: what was chosen for it, else the gauge that Z is set by. */
export const keptSpotGauge = (book: SetupState): KnownGauge | undefined => {
  const chosen = book.datumPlan.heights?.spot?.gaugeId;
  const own = book.gauges.find(({ id }) => id === (chosen ?? book.setup.heightGaugeId));
  return own && isUnderTool(own.kind) ? own : undefined;
};

const isUnderTool = (kind: GaugeKind): boolean => GAUGE_FACTS[kind].onTouchOffPoint !== 'never';

/**
 * Solid, and met from above by a probe and a cutter alike, so both meet the same height. A block is not: a cutter is raised past
 * it, and stands up to a step above the top that the probe touches.
 */
const isMetAlike = (kind: GaugeKind): boolean => GAUGE_FACTS[kind].onTouchOffPoint === 'alike';

/**
 * Gauges that can be put on the spot. Where the probe set Z it must be a plate: a sprung setter, a strip of paper and a block
 * that is slid under are not met alike by a probe and by a cutter.
 */
export const spotGauges = (book: SetupState, setter: ZSetter | undefined): Gauge[] =>
  book.gauges.filter(
    ({ kind, retiredOn }) => retiredOn === undefined && (setter === 'probe' ? isMetAlike : isUnderTool)(kind),
  );

/** Whether what is on the spot now can be met by the probe and by cutters alike. */
export const spotFitsProbe = (book: SetupState): boolean => {
  const gauge = keptSpotGauge(book);
  return gauge !== undefined && isMetAlike(gauge.kind);
};

/**
 * What Z was set to while the gauge of the spot was touched on the part, mm: where the spot is on the part, that is the spot's
 * figure already, as long as the tool is still there.
 */
export function gaugeAfterSetting(book: SetupState): number | undefined {
  const set = lastZeroing(book, 'z');
  if (set?.form !== 'preset' || set.subject.kind !== 'z-zero') return undefined;
  if (book.datumPlan.heights?.spot?.where !== 'on-part') return undefined;
  const touched = allReadingsOf(book, set.subject).findLast(({ struckBy }) => struckBy === null);
  return touched?.gaugeId === keptSpotGauge(book)?.id ? set.value : undefined;
}
