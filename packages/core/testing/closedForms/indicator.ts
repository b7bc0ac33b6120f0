import type { Point } from '../../src/geometry/point';
import { wallAlong } from '../../src/practice/mill/wallAlong';

/** An indicator as only the mill knows it: how it counts, its display step, and the error of this one reading, mm. */
export interface HiddenIndicator {
  sense: 1 | -1;
  step: number;
  noise: () => number;
}

const show = (pressed: number, { sense, step, noise }: HiddenIndicator): number => {
  const value = sense * pressed + noise();
  return step === 0 ? value : Math.round(value / step) * step;
};

/**
 * Reading along a face that runs at `slope` (across per mm along), from the low side (pressed by a face that comes
 * toward the operator, or the left) or the high side.
 */
export const readJaw = (slope: number, at: number, side: 'low' | 'high', indicator: HiddenIndicator): number =>
  show((side === 'low' ? -1 : 1) * slope * at, indicator);

/** Reading at the right (back) or left (front) of a swing of diameter D under a head that leans that far to the right, radians. */
export const readSwing = (lean: number, swing: number, at: 'low' | 'high', indicator: HiddenIndicator): number =>
  show(((at === 'high' ? 1 : -1) * Math.tan(lean) * swing) / 2, indicator);

/** Reading of a sweep at an angle with the spindle off a feature's centre; exact for a round feature of that radius. */
export function readSweep(
  off: Point,
  radius: number,
  feature: 'bore' | 'boss',
  angle: number,
  indicator: HiddenIndicator,
): number {
  const wall = wallAlong(off, radius, angle);
  return show(feature === 'bore' ? radius - wall : wall - radius, indicator);
}

/** Reading of a standing indicator with a mark of the part turned to it, the part off the axis toward +X of its own marks. */
export function readChuck(off: Point, radius: number, mark: number, indicator: HiddenIndicator): number {
  // The wall that stands away from the axis is where it would be seen from the other side.
  return show(wallAlong({ x: -off.x, y: -off.y }, radius, mark) - radius, indicator);
}
