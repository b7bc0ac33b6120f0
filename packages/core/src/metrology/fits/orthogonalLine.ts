import type { Point } from '../../geometry/point';

/** A straight line by orthogonal least squares. */
export interface OrthogonalLine {
  /** Centre of the points: the line runs through it. */
  through: Point;
  /** Unit vector along it. */
  direction: Point;
  /** Signed distances of the points to the left of the direction, in order. */
  residuals: number[];
}

/**
 * Line with the least sum of squared distances from the points, along the larger principal axis of their scatter;
 * its direction is the one nearer to `nominal`.
 *
 * @param points at least two different ones
 * @throws RangeError when all points are one, or scatter alike in all directions
 * @example orthogonalLine([{ x: 0, y: 0 }, { x: 10, y: 1 }], { x: 1, y: 0 }).direction.y // 0.0995
 */
export function orthogonalLine(points: readonly Point[], nominal: Point): OrthogonalLine {
  const n = points.length;
  const through = {
    x: points.reduce((sum, { x }) => sum + x, 0) / n,
    y: points.reduce((sum, { y }) => sum + y, 0) / n,
  };
  let [xx, xy, yy] = [0, 0, 0];
  for (const { x, y } of points) {
    const [dx, dy] = [x - through.x, y - through.y];
    xx += dx * dx;
    xy += dx * dy;
    yy += dy * dy;
  }
  if (!(Math.hypot(xx - yy, 2 * xy) > 1e-12 * Math.max(1, xx + yy))) {
    throw new RangeError('the points give no direction');
  }
  const angle = Math.atan2(2 * xy, xx - yy) / 2;
  const plain = { x: Math.cos(angle), y: Math.sin(angle) };
  const turn = plain.x * nominal.x + plain.y * nominal.y < 0 ? -1 : 1;
  const direction = { x: turn * plain.x, y: turn * plain.y };
  return {
    through,
    direction,
    residuals: points.map(({ x, y }) => direction.x * (y - through.y) - direction.y * (x - through.x)),
  };
}
