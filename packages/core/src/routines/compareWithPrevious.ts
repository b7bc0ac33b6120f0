import { sizeOf, uSize } from '../state/gauges/contactSize';
import { seriesOf } from '../state/gauges/calibrationSeries';
import { isRound } from '../metrology/gauges/gaugeKinds';
import type { Calibration } from '../records/shop/calibration';
import { acrossNames } from '../rotary/turn';
import type { LengthUnit } from '../units/unit';
import { foundAgainst } from '../messages/gauges/qualify';
import { calibratedOf, type RoutineResult, type RoutineSubject } from './routine';

/** So far off no thing wears or drifts: it was another master, another ring or another machine, mm. */
const ANOTHER = 0.5;

/**
 * What a routine found held against what was found before it, or against the size in use, in sentences; none where there is
 * nothing to hold it against.
 *
 * @param calibrations what was found of the thing so far
 */
export function compareWithPrevious(
  subject: RoutineSubject,
  { found, compare }: Pick<RoutineResult, 'found' | 'compare'>,
  calibrations: readonly Calibration[],
  unit: LengthUnit,
): string[] {
  const across = subject.kind === 'rotary' ? acrossNames(subject.axis) : undefined;
  const moment = '9999-12-31T00:00:00.000Z';
  const fresh = seriesOf(
    found.map((one, i) => ({
      id: `found-${i}`,
      of: calibratedOf(subject),
      found: one,
      from: moment,
      at: moment,
      seq: i,
      receivedAt: moment,
    })),
    0,
    across,
  );
  const before = seriesOf(calibrations, usualU(subject), across);
  const said = fresh.flatMap(({ key, title, results }) => {
    const [now] = results;
    const last = before.find((one) => one.key === key)?.current.at(-1);
    // A scatter is found again each time; only places and sizes agree or do not.
    if (!now || !last || key === 'touch' || key === 'run-out' || !(Math.hypot(now.U, last.U) > 0)) return [];
    const far = Math.abs(now.value - last.value) > ANOTHER;
    return [
      `${title}: ${foundAgainst(now, last, unit)}${far ? ' So far off it was another master, another ring, or another machine: see its marking.' : ''}`,
    ];
  });
  if (said.length > 0 || !compare || subject.kind !== 'gauge' || subject.gauge.nominal === 0) return said;
  return [foundAgainst(compare, { value: sizeOf(subject.gauge), U: usualU(subject) }, unit)];
}

/** U of what was told without one, mm: of a gauge as its kind, or its own figure, has it. */
function usualU(subject: RoutineSubject): number {
  if (subject.kind !== 'gauge') return 0;
  const { gauge } = subject;
  return isRound(gauge.kind) ? 4 * uSize(gauge) : 2 * uSize(gauge, 'thickness');
}
