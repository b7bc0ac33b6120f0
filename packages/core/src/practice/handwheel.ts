import type { Axis } from '../schema/quantities';
import type { MillSpec } from './mill/millSpec';

/** A handwheel: travel of one turn, mm, and the lines of its collar. */
export interface Wheel {
  perTurn: number;
  lines: number;
}

/** The practice mill's own wheels, where a machine says nothing else. */
export const WHEEL: Wheel = { perTurn: 3, lines: 120 };

/** The wheel of an axis. */
export const wheelOf = ({ wheels }: Pick<MillSpec, 'wheels'>, axis: Axis): Wheel => wheels?.[axis] ?? WHEEL;

/** Where on a wheel a finger is, from its middle, y down as on a screen. */
export interface Grip {
  x: number;
  y: number;
}

/** A wheel in a hand: where it is gripped, and what was turned and not yet passed on, mm. */
export interface Held {
  grip: Grip;
  rest: number;
}

/** How far clockwise, as seen, from one grip to another, radians, the short way round. */
export function turnBetween(from: Grip, to: Grip): number {
  const cross = from.x * to.y - from.y * to.x;
  const dot = from.x * to.x + from.y * to.y;
  return Math.atan2(cross, dot);
}

/**
 * A wheel turned on to a new grip: clockwise is plus. What is passed on comes in whole steps, the rest waits.
 *
 * @param step least travel that is passed on, mm
 * @param perTurn travel of one turn, mm
 * @returns how far the screw goes, mm
 */
export function turnedTo(
  { grip, rest }: Held,
  to: Grip,
  step: number,
  perTurn = WHEEL.perTurn,
): { held: Held; by: number } {
  const turned = rest + (turnBetween(grip, to) / (2 * Math.PI)) * perTurn;
  const steps = Math.trunc(turned / step);
  const by = steps * step;
  return { held: { grip: to, rest: turned - by }, by: steps === 0 ? 0 : by };
}

/** The line under the mark of a collar that shows this, mm. */
export function lineAt(shown: number, { perTurn, lines } = WHEEL): number {
  const line = (shown / perTurn) * lines;
  return ((line % lines) + lines) % lines;
}
