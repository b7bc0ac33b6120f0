import { GAUGE_FACTS } from '../../metrology/gauges/gaugeKinds';
import type { SetupState } from '../basis/setupState';
import { gaugeSits } from './gaugeSeat';

/** How fast a finder turns where its maker says nothing, rpm. */
export const MOST_RPM = { turning: 1000, slow: 150 } as const;

/**
 * The finder that is still in the spindle as far as the log tells: it touched last, and nothing was driven, made or
 * touched by a cutter since. How fast it may turn, rpm: its maker's figure, else what is usual; 0 where it must stand.
 */
export function gaugeInSpindle(book: SetupState): { name: string; mostRpm: number } | undefined {
  const last = book.readings
    .filter(({ struckBy, on }) => struckBy === null && on !== 'gauge')
    .reduce<SetupState['readings'][number] | undefined>(
      (latest, one) => (latest === undefined || one.takenAt >= latest.takenAt ? one : latest),
      undefined,
    );
  const gauge = last && book.gauges.find(({ id }) => id === last.gaugeId);
  if (!last || !gauge || !GAUGE_FACTS[gauge.kind].inSpindle) return undefined;
  // A height may be found with it on an arm or under the tool: then a tool is in the spindle.
  const sits =
    last.on === 'scale' && last.axis === 'z' && GAUGE_FACTS[gauge.kind].size !== 'length'
      ? gaugeSits(book, gauge)
      : 'spindle';
  if (sits === 'arm' || sits === 'under') return undefined;
  if (last.on === 'dial' && last.subject.kind === 'run-out') return undefined;
  if (book.checks.some(({ at }) => at > last.takenAt)) return undefined;
  // A tool that set Z at the touch-off point is in.
  if (
    book.zeroings.some(
      ({ subject, at }) => subject.kind === 'tool-spot' && subject.tool !== undefined && at > last.takenAt,
    )
  )
    return undefined;
  const { spin } = GAUGE_FACTS[gauge.kind];
  return { name: gauge.name, mostRpm: spin === 'standing' ? 0 : (gauge.maxRpm ?? MOST_RPM[spin]) };
}
