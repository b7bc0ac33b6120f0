import type { Point } from '../../geometry/point';
import { dialMove, type DialAxis } from '../dials/dialMoves';

/** What makes one order better than another. */
export type OrderCost =
  /** Straight travel: a machine that moves by itself. mm. */
  | { kind: 'travel' }
  /** Fewest reversals, then least handwheel turns. */
  | { kind: 'dials'; x: DialAxis; y: DialAxis };

/** One reversal outweighs any turning there can be: turns of both handwheels over the longest travel stay below it. */
export const REVERSAL = 1e6;

/** What the step from one place to another costs; -1 is where the machine stands. */
export type StepCost = (from: number, to: number) => number;

export function costOf({ places, start, cost }: { places: readonly Point[]; start: Point; cost: OrderCost }): StepCost {
  const x = Float64Array.from([start, ...places], (point) => point.x);
  const y = Float64Array.from([start, ...places], (point) => point.y);
  if (cost.kind === 'travel')
    return (from, to) => {
      const dx = (x[to + 1] ?? 0) - (x[from + 1] ?? 0);
      const dy = (y[to + 1] ?? 0) - (y[from + 1] ?? 0);
      // Not hypot: this is asked millions of times, and nothing here is near what a square would lose.
      return Math.sqrt(dx * dx + dy * dy);
    };
  const xs = settings(x, cost.x);
  const ys = settings(y, cost.y);
  return (from, to) => xs(from + 1, to + 1) + ys(from + 1, to + 1);
}

/** Cost of one axis between any two of its coordinates, worked out as the instructions have it. */
function settings(coordinates: Float64Array, axis: DialAxis): StepCost {
  const back = 2 * (dialMove(0, true, -axis.approach * axis.dial.perTurn, axis).travel - 1);
  const lines = coordinates.map((one) => dialMove(0, true, one, axis).lines * axis.approach);
  return (from, to) => {
    const ahead = ((lines[to] ?? 0) - (lines[from] ?? 0)) / axis.dial.lines;
    return ahead >= 0 ? ahead : REVERSAL - ahead + back;
  };
}
