import { z } from 'zod';
import { gaugeStatusOf } from '../../state/basis/gaugeStatus';
import { rotaryKnownBy } from '../../state/basis/rotaryCentre';
import { seriesOf, voidsOf, type KeptSeries } from '../../state/gauges/calibrationSeries';
import { drift } from '../../calibration/drift';
import { GAUGE_FACTS, isRound } from '../../metrology/gauges/gaugeKinds';
import type { Calibration } from '../../records/shop/calibration';
import { calibrated } from '../../records/shop/calibration.schema';
import type { Gauge } from '../../records/shop/gauge';
import type { GaugeUses } from '../../records/snapshots/gaugeUses';
import type { Machine } from '../../records/shop/machine';
import { acrossNames } from '../../rotary/turn';
import type { LengthUnit } from '../../units/unit';
import { dayWords, driftWords, isDoubtful, gaugeStatusText, VOIDED_WORDS } from './gaugeStatus';

/** One gauge or rotary axis that ought to be looked at, and why. */
export const dueLine = z
  .object({
    of: calibrated,
    words: z.string(),
    /** What is known of it counts no more; else it is only worth knowing. */
    grave: z.boolean(),
  })
  .meta({ id: 'DueLine' });

export type DueLine = z.output<typeof dueLine>;

interface Shop {
  gauges: readonly Gauge[];
  machines: readonly Machine[];
  calibrations: readonly Calibration[];
  uses: readonly GaugeUses[];
}

/** A centre of rotation is found again after so long: a year, in ms. */
const CENTRE_LASTS = 365 * 86_400_000;

/**
 * Gauges and rotary axes that are overdue, were dropped or in a crash, come due, or go somewhere, the worst first; what is
 * retired is left in peace.
 */
export function dueList({ gauges, machines, calibrations, uses }: Shop, now: string, unit: LengthUnit): DueLine[] {
  const inOrder = [...calibrations].sort((a, b) => a.at.localeCompare(b.at));
  const lines = [
    ...gauges.filter(inUse).flatMap((gauge) => ofGauge(gauge, inOrder, uses, now, unit)),
    ...machines.filter(inUse).flatMap((machine) => ofMachine(machine, inOrder, now, unit)),
  ];
  return [...lines.filter(({ grave }) => grave), ...lines.filter(({ grave }) => !grave)];
}

const inUse = ({ retiredOn }: Pick<Gauge, 'retiredOn'>): boolean => retiredOn === undefined;

function ofGauge(
  gauge: Gauge,
  calibrations: readonly Calibration[],
  uses: readonly GaugeUses[],
  now: string,
  unit: LengthUnit,
): DueLine[] {
  const of = { kind: 'gauge' as const, gaugeId: gauge.id };
  const own = calibrations.filter((one) => one.of.kind === 'gauge' && one.of.gaugeId === gauge.id);
  const standing = gaugeStatusOf(gauge, own, now, uses.find(({ gaugeId }) => gaugeId === gauge.id)?.touches);
  const words = standing.state === 'never' ? undefined : gaugeStatusText(gauge, standing);
  if (words !== undefined) return [{ of, words, grave: isDoubtful(standing) }];
  const usualU = 2 * GAUGE_FACTS[gauge.kind].uSize * (isRound(gauge.kind) ? 2 : 1);
  const going = goesSomewhere(
    seriesOf(own, usualU).find(({ key }) => key === 'size'),
    unit,
  );
  return going === undefined ? [] : [{ of, words: `${gauge.name}. ${going}`, grave: false }];
}

function ofMachine(machine: Machine, calibrations: readonly Calibration[], now: string, unit: LengthUnit): DueLine[] {
  return (machine.rotary ?? []).flatMap((axis): DueLine[] => {
    const of = { kind: 'rotary' as const, machineId: machine.id, axis: axis.name };
    const name = `${axis.name} of ${machine.name}`;
    const own = calibrations.filter(
      (one) => one.of.kind === 'rotary' && one.of.machineId === machine.id && one.of.axis === axis.name,
    );
    const { centre } = rotaryKnownBy(axis, own, now);
    const voided = voidsOf(own).at(-1);
    if (!centre) {
      // What was never found is said where it is wanted.
      return voided
        ? [
            {
              of,
              words: `The centre of ${name} is no longer valid since ${VOIDED_WORDS[voided.why]} on ${dayWords(voided.at)}.`,
              grave: true,
            },
          ]
        : [];
    }
    if (Date.parse(now) - Date.parse(centre.from) > CENTRE_LASTS)
      return [
        { of, words: `The centre of ${name} was found on ${dayWords(centre.from)}, over a year ago.`, grave: true },
      ];
    const [going] = seriesOf(own, 0.02, acrossNames(axis.name)).flatMap((series) => {
      const words = goesSomewhere(series, unit);
      return words === undefined ? [] : [`${series.title}: ${words}`];
    });
    return going === undefined ? [] : [{ of, words: `${name}. ${going}`, grave: false }];
  });
}

/** That something creeps or has moved; undefined where it does not, or too little is known. */
function goesSomewhere(series: KeptSeries | undefined, unit: LengthUnit): string | undefined {
  const results = series?.current.filter(({ at }, i, all) => all[i + 1]?.at !== at);
  if (!results || results.length < 2) return undefined;
  const found = drift({ results: results.map(({ at, value, U }) => ({ at, value, U })) });
  return found.moved ? driftWords(found, unit) : undefined;
}
