import { GAUGE_FACTS } from '../../metrology/gauges/gaugeKinds';
import type { GaugeSits } from '../../records/setup/datumPlan';
import type { SetupState } from '../basis/setupState';
import { thicknessOf } from './contactSize';
import type { KnownGauge } from '../basis/calibratedGauge';

/** Places a gauge may sit at; one alone where its kind leaves no doubt. */
export const gaugeSeatPlaces = ({ kind }: Pick<KnownGauge, 'kind'>): readonly GaugeSits[] => GAUGE_FACTS[kind].seats;

/** Where a gauge sits; undefined where that was not entered yet, and it could be anywhere. */
export function gaugeSits({ datumPlan }: Pick<SetupState, 'datumPlan'>, gauge: KnownGauge): GaugeSits | undefined {
  const places = gaugeSeatPlaces(gauge);
  const said = datumPlan.heights?.sits;
  return places.length === 1 ? places[0] : places.find((place) => place === said);
}

/**
 * What a gauge puts between the surface and the lowest point of the tool, mm: its thickness under a tool; nothing in the
 * spindle, where its own calibrated length stands for the tool's; its measured offset to the cutter on an arm. Readings
 * taken before anyone was asked keep what they were reckoned with then.
 *
 * @returns undefined on an arm whose offset nobody gave yet
 */
export function gapOf(book: Pick<SetupState, 'datumPlan'>, gauge: KnownGauge): number | undefined {
  switch (gaugeSits(book, gauge)) {
    case 'spindle':
      return 0;
    case 'arm':
      return book.datumPlan.heights?.armOffset ?? gauge.arm;
    default:
      return thicknessOf(gauge);
  }
}
