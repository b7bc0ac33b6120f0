import { quarterOf } from '../../metrology/judge';
import { rotatedU } from '../../geometry/rotate';
import { varianceByKind } from '../../metrology/budgetKinds';
import type { Feature } from '../../records/setup/datumPlan';
import type { Axis } from '../../schema/quantities';
import { memoize, gaugeAt, type SetupState } from '../basis/setupState';
import { carriedRotation } from '../datum/partRotation';
import { allStops } from '../holes/driveStops';
import { uSize } from '../gauges/contactSize';
import { depthTolerance } from '../zAndTools/zZero';
import { zeroAnswers, type ZeroAnswer } from '../zAndTools/partZero';
import type { Hole } from '../holes/holes';

/** One thing that would make the tightest hole surer, and what its ± would be then, mm. */
export type Help =
  | { what: 'repeat'; axis: Axis; feature: Feature | undefined; U: number }
  | { what: 'calibrate'; axis: Axis; gaugeId: string; U: number }
  | { what: 'prove'; axis: Axis; feature: Feature | undefined; U: number }
  | { what: 'turn'; U: number };

/** The hole whose place is known least, how well, and what would help most. */
export interface BestNextReading {
  hole: Hole | undefined;
  /** ± of its place along its worse axis, mm. */
  U: number;
  axis: Axis;
  /** Good enough already: within a quarter of what the job allows. */
  enough: boolean;
  /** Best first; empty where nothing would make a twentieth of a difference. */
  helps: Help[];
}

/** A gauge measured by a good reference is known to this, mm, standard uncertainty. */
const CALIBRATED_U = 0.001;

/** What changes less than this share of ± is not worth the time. */
const WORTH = 0.05;

const K = 2;

/** What makes ± of a standard uncertainty: an answer's own, so that the same thing is never told with two different ±. */
const coverage = (known: ZeroAnswer | undefined): number =>
  known && known.uncertainty.u > 0 ? known.uncertainty.U / known.uncertainty.u : K;

/**
 * The one touch, repeat or calibration that would lower ± at the worst hole the most: each part of the job's budget is
 * made as small as that would make it, and the whole reckoned again (JCGM 100:2008, 5.1.2).
 *
 * @returns undefined while X or Y is not found
 */
export const bestNextReading = (book: SetupState): BestNextReading | undefined =>
  memoize(book, 'help most', () => find(book));

function find(book: SetupState): BestNextReading | undefined {
  const { x, y } = zeroAnswers(book);
  if (!x && !y) return undefined;
  const turn = carriedRotation(book);
  const datum = { x: x?.uncertainty.u ?? 0, y: y?.uncertainty.u ?? 0 };
  const places = uniqueHoles(book);
  const turnU = (turn?.U ?? 0) / K;
  let worst: { hole: Hole | undefined; axis: 'x' | 'y'; U: number; place: { x: number; y: number } } | undefined;
  for (const hole of places.length > 0 ? places : [undefined]) {
    const place = hole ?? { x: 0, y: 0 };
    const u = rotatedU(place, datum, turnU);
    for (const axis of ['x', 'y'] as const) {
      const U = u[axis] * coverage(axis === 'x' ? x : y);
      if (U > (worst?.U ?? -1)) worst = { hole, axis, U, place };
    }
  }
  if (!worst) return undefined;
  const { axis, place, hole, U } = worst;
  const known = axis === 'x' ? x : y;
  const k = coverage(known);
  const withVariance = (variance: number): number =>
    k * rotatedU(place, { ...datum, [axis]: Math.sqrt(Math.max(0, variance)) }, turnU)[axis];
  const helps: Help[] = [
    ...(known ? axisHelps(book, axis, known, withVariance) : []),
    // Two more touches far apart beside two: the angle is known that much better.
    ...(turn ? [{ what: 'turn' as const, U: k * rotatedU(place, datum, turnU * Math.SQRT1_2)[axis] }] : []),
  ];
  return {
    hole,
    U,
    axis,
    enough: U <= quarterOf(book.setup.tolerance),
    helps: helps.filter((help) => help.U < (1 - WORTH) * U).sort((a, b) => a.U - b.U),
  };
}

/** The same for Z zero, which every depth stands on; undefined while Z is not found. */
export const bestNextDepthReading = (book: SetupState): BestNextReading | undefined =>
  memoize(book, 'help depth', () => {
    const { z } = zeroAnswers(book);
    if (!z) return undefined;
    const { U } = z.uncertainty;
    const helps = axisHelps(book, 'z', z, (variance) => coverage(z) * Math.sqrt(Math.max(0, variance)));
    return {
      hole: undefined,
      U,
      axis: 'z',
      enough: U <= quarterOf(depthTolerance(book)),
      helps: helps.filter((help) => help.U < (1 - WORTH) * U).sort((a, b) => a.U - b.U),
    };
  });

function axisHelps(book: SetupState, axis: Axis, known: ZeroAnswer, to: (variance: number) => number): Help[] {
  const parts = varianceByKind(known.uncertainty);
  const whole = known.uncertainty.u ** 2;
  const own = known.readings.filter((reading) => reading.axis === axis);
  const n = Math.max(1, own.length);
  const repeats = parts.get('repeats') ?? 0;
  const homing = parts.get('homing') ?? 0;
  const size = parts.get('size') ?? 0;
  const last = own.at(-1);
  const gauge = last && gaugeAt(book, last.gaugeId, last.takenAt);
  const { feature } = known;
  const as = axis === 'z' ? 'thickness' : 'radius';
  return [
    // Once the scale was set from it, a new touch stands alone.
    ...(repeats > 0 && known.stands
      ? [{ what: 'repeat' as const, axis, feature, U: to(whole - repeats / (n + 1)) }]
      : []),
    ...(homing > 0 && known.stands ? [{ what: 'prove' as const, axis, feature, U: to(whole - homing) }] : []),
    ...(gauge && size > 0 && uSize(gauge, as) > 2 * CALIBRATED_U
      ? [
          {
            what: 'calibrate' as const,
            axis,
            gaugeId: gauge.id,
            U: to(whole - size + size * (CALIBRATED_U / uSize(gauge, as)) ** 2),
          },
        ]
      : []),
  ];
}

/** Every hole once. */
function uniqueHoles(book: SetupState): Hole[] {
  const seen = new Map<string, Hole>();
  for (const stop of allStops(book)) seen.set(`${stop.pattern.id} ${stop.hole}`, stop);
  return [...seen.values()];
}
