import { repeats } from '../../metrology/repeats';
import { isTouch, type Reading } from '../../records/log/reading';
import type { SetupState } from '../basis/setupState';
import { uTouch } from './contactSize';
import { sameTouchPoint } from '../basis/sameTouchPoint';
import { subjectKey } from '../basis/subjectKey';

/** What repeats with a gauge in one setup say. */
export interface GaugeRepeats {
  /** Squares about the mean of each touch, mm², and the degrees of freedom behind them. */
  squares: number;
  dof: number;
  readings: number;
  /** Seconds from one reading of a touch to the next, where no longer pause lay between. */
  seconds: number[];
}

/** A longer pause is no touch any more, s. */
const PAUSE = 300;

type Touch = Extract<Reading, { on: 'scale' }>;

/**
 * How a gauge repeated in a setup, and how long a touch took: readings of one thing on one zero of the scale with one
 * contact at one place, less those struck out, those far from the others, and what a control gave itself.
 */
export function gaugeRepeats(book: SetupState, gaugeId: string): GaugeRepeats {
  const gauge = book.gauges.find(({ id }) => id === gaugeId);
  const total: GaugeRepeats = { squares: 0, dof: 0, readings: 0, seconds: [] };
  if (!gauge) return total;
  const taken = book.readings.filter(
    (one): one is Touch =>
      isTouch(one) && one.gaugeId === gaugeId && one.struckBy === null && one.source.by !== 'control',
  );
  for (const touches of together(taken)) {
    const [first] = touches;
    if (!first || touches.length < 2) continue;
    const scatter = { methodSd: uTouch(gauge), resolution: book.machine.axes[first.axis].step };
    const { wild } = repeats(
      touches.map(({ value }) => value),
      scatter,
    );
    const kept = touches.filter((_, i) => !wild.includes(i));
    if (kept.length < 2) continue;
    const { n, sd } = repeats(
      kept.map(({ value }) => value),
      scatter,
    );
    total.squares += (n - 1) * sd ** 2;
    total.dof += n - 1;
    total.readings += n;
    total.seconds.push(...pausesOf(kept));
  }
  return total;
}

const pausesOf = (touches: readonly Touch[]): number[] =>
  touches
    .map(({ takenAt }) => Date.parse(takenAt) / 1000)
    .sort((a, b) => a - b)
    .flatMap((at, i, all) => {
      const pause = at - (all[i - 1] ?? Number.NEGATIVE_INFINITY);
      return pause > 0 && pause <= PAUSE ? [pause] : [];
    });

/** Touches of one thing with one contact at one place, each in the order they were taken. */
function together(readings: readonly Touch[]): Touch[][] {
  const groups = new Map<string, Touch[][]>();
  for (const one of readings) {
    const { subject, axis, approach, place, epoch, feeler, tool, cutterId } = one;
    const key = JSON.stringify([subjectKey(subject), axis, approach, place, epoch, feeler, tool, cutterId]);
    const places = groups.get(key) ?? [];
    groups.set(key, places);
    const known = places.find(([first]) => sameTouchPoint(first?.across, one.across));
    if (known) known.push(one);
    else places.push([one]);
  }
  return [...groups.values()].flat();
}
