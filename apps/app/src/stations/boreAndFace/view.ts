import { GAUGE_FACTS, isInstrument, type GaugeKind } from '@zero-point/core/metrology/gauges/gaugeKinds';
import type { Bore, CutPlan } from '@zero-point/core/records/setup/cutPlan';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { boreAnswer, uMeasuring } from '@zero-point/core/state/boreAndFace/bore';

/** Whether it measures a bore by hand: a micrometer spans what lies between its anvils, not a bore. */
const measuresBores = (kind: GaugeKind): boolean => isInstrument(kind) && GAUGE_FACTS[kind].measures.includes('inside');

/** The shop's own gauges that measure a bore; with the one that this bore was measured with until now. */
export const boreGauges = ({ gauges }: SetupState, until?: string) =>
  gauges.filter(({ id, kind, retiredOn }) => id === until || (retiredOn === undefined && measuresBores(kind)));

/** What the Bore screen shows of the bore in hand. */
export interface BoreView extends ReturnType<typeof boreAnswer> {
  bores: CutPlan['bores'];
  bore: Bore | undefined;
  /** U of one measured size, mm at 95 %; null where no gauge is chosen. */
  measuredU: number | null;
}

export function boreView(book: SetupState, boreId: string | undefined): BoreView {
  const { bores } = book.cutPlan;
  const bore = bores.find(({ id }) => id === boreId) ?? bores[0];
  const gauge = book.gauges.find(({ id }) => id === bore?.gaugeId);
  return {
    bores,
    bore,
    measuredU: gauge ? 2 * uMeasuring(gauge) : null,
    ...(bore ? boreAnswer(book, bore) : { log: { start: undefined, passes: [], readings: [] } }),
  };
}

/** How near a drawn hole's diameter is to a bore's limits where it is that bore, mm. */
const DRAWN_AS = 0.1;

/** The drawn hole that a bore is, where only one of the part's holes is of its size: a bore's plan has no place. */
export function drawnBore({ part }: SetupState, { low, high }: Bore): SetupState['part']['holes'][number] | undefined {
  const [hole, another] = part.holes.filter(
    ({ diameter }) => diameter >= low - DRAWN_AS && diameter <= high + DRAWN_AS,
  );
  return another ? undefined : hole;
}
