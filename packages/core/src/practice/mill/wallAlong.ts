import type { Point } from '../../geometry/point';
import { cosDegrees, sinDegrees } from '../../units/degrees';

/**
 * From the spindle to a round wall, mm, along the direction an indicator's arm points.
 *
 * @param off the spindle from the round thing's middle, mm
 * @param radius of it, mm
 * @param angle the arm's, degrees counter-clockwise from +X
 */
export function wallAlong(off: Point, radius: number, angle: number): number {
  const [c, s] = [cosDegrees(angle), sinDegrees(angle)];
  const along = off.x * c + off.y * s;
  const square = off.y * c - off.x * s;
  return Math.sqrt(Math.max(0, radius ** 2 - square ** 2)) - along;
}
