import { z } from 'zod';
import { standingOf } from '../book/gaugeStanding';
import { seriesOf } from '../book/series';
import { drift } from '../calibration/drift';
import { GAUGE_FACTS, isRound } from '../metrology/gaugeKinds';
import type { Calibration } from '../record/calibration';
import type { Gauge } from '../record/gauge';
import type { GaugeUses } from '../record/gaugeUses';
import { id } from '../schema/quantities';
import type { LengthUnit } from '../units/unit';
import { driftWords, isDoubtful, standingWords } from './kept';

/** One gauge that ought to be looked at, and why. */
export const dueLine = z
  .object({
    gaugeId: id,
    words: z.string(),
    /** What is known of it counts no more; else it is only worth knowing. */
    grave: z.boolean(),
  })
  .meta({ id: 'DueLine' });

export type DueLine = z.output<typeof dueLine>;

interface Shop {
  gauges: readonly Gauge[];
  calibrations: readonly Calibration[];
  uses: readonly GaugeUses[];
}

/** Gauges that are overdue, were dropped, come due, or go somewhere, the worst first; what is retired is left in peace. */
export function dueList({ gauges, calibrations, uses }: Shop, now: string, unit: LengthUnit): DueLine[] {
  const lines = gauges
    .filter(({ retiredOn }) => retiredOn === undefined)
    .flatMap((gauge): DueLine[] => {
      const own = calibrations
        .filter(({ of }) => of.kind === 'gauge' && of.gaugeId === gauge.id)
        .sort((a, b) => a.at.localeCompare(b.at));
      const touches = uses.find(({ gaugeId }) => gaugeId === gauge.id)?.touches;
      const standing = standingOf(gauge, own, now, touches);
      const words = standing.state === 'never' ? undefined : standingWords(gauge, standing);
      if (words !== undefined) return [{ gaugeId: gauge.id, words, grave: isDoubtful(standing) }];
      const going = goesSomewhere(gauge, own, unit);
      return going === undefined ? [] : [{ gaugeId: gauge.id, words: going, grave: false }];
    });
  return [...lines.filter(({ grave }) => grave), ...lines.filter(({ grave }) => !grave)];
}

/** That its size creeps or has moved; undefined where it does not, or too little is known. */
function goesSomewhere(gauge: Gauge, own: readonly Calibration[], unit: LengthUnit): string | undefined {
  const { kind } = gauge;
  const usualU = 2 * GAUGE_FACTS[kind].sizeU * (isRound(kind) ? 2 : 1);
  const results = seriesOf(own, usualU)
    .find(({ key }) => key === 'size')
    ?.current.filter(({ at }, i, all) => all[i + 1]?.at !== at);
  if (!results || results.length < 2) return undefined;
  const found = drift({ results: results.map(({ at, value, U }) => ({ at, value, U })) });
  return found.moved ? `${gauge.name}. ${driftWords(found, unit)}` : undefined;
}
