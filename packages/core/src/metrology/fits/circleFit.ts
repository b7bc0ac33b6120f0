import type { Point } from '../../geometry/point';

/** A circle by geometric least squares. */
export interface CircleFit {
  centre: Point;
  radius: number;
  /** Distance of each point from the centre less the radius. */
  residuals: number[];
  /** Covariance of the centre for points of variance 1 along their radius. */
  covariance: { xx: number; xy: number; yy: number };
  /** Variance of the radius on the same terms. */
  radiusVariance: number;
  dof: number;
}

const MOST_STEPS = 60;

/**
 * Circle with the least sum of squared distances from the points, by Gauss-Newton from an algebraic fit.
 * Worked from the middle of the points and in their own size, so that a 0.5 mm bore a metre away keeps its digits.
 *
 * @param points at least three, not on one line
 * @throws RangeError when the points lie on one line or are fewer than three different ones
 * @example circleFit([{ x: 1, y: 0 }, { x: 0, y: 1 }, { x: -1, y: 0 }]).radius // 1
 */
export function circleFit(points: readonly Point[]): CircleFit {
  const n = points.length;
  const middle = {
    x: points.reduce((sum, { x }) => sum + x, 0) / n,
    y: points.reduce((sum, { y }) => sum + y, 0) / n,
  };
  const size = Math.sqrt(points.reduce((sum, { x, y }) => sum + (x - middle.x) ** 2 + (y - middle.y) ** 2, 0) / n);
  if (!(size > 0)) throw new RangeError('the points are one');
  const local = points.map(({ x, y }) => ({ x: (x - middle.x) / size, y: (y - middle.y) / size }));
  let { x, y, r } = algebraic(local);
  for (let step = 0; step < MOST_STEPS; step += 1) {
    const change = solve3(...normal(local, { x, y, r }));
    if (!change) throw new RangeError('the points lie on one line');
    x += change[0];
    y += change[1];
    r += change[2];
    if (Math.hypot(...change) < 1e-15 * Math.max(1, r)) break;
  }
  if (!(Number.isFinite(x) && Number.isFinite(y) && Number.isFinite(r)))
    throw new RangeError('the points lie on one line');
  const [matrix] = normal(local, { x, y, r });
  const column = (i: number) => solve3(matrix, [i === 0 ? 1 : 0, i === 1 ? 1 : 0, i === 2 ? 1 : 0]);
  const [cx, cy, cr] = [column(0), column(1), column(2)];
  if (!cx || !cy || !cr) throw new RangeError('the points lie on one line');
  const centre = { x: middle.x + x * size, y: middle.y + y * size };
  return {
    centre,
    radius: r * size,
    residuals: local.map((point) => (Math.hypot(point.x - x, point.y - y) - r) * size),
    covariance: { xx: cx[0], xy: cx[1], yy: cy[1] },
    radiusVariance: cr[2],
    dof: n - 3,
  };
}

type Triple = [number, number, number];
type Matrix = [Triple, Triple, Triple];

/** Kåsa's fit: x² + y² = 2 x cx + 2 y cy + c, linear in its unknowns; good enough to start from. */
function algebraic(points: readonly Point[]): { x: number; y: number; r: number } {
  const matrix: Matrix = [
    [0, 0, 0],
    [0, 0, 0],
    [0, 0, 0],
  ];
  const right: Triple = [0, 0, 0];
  for (const { x, y } of points) add(matrix, right, [2 * x, 2 * y, 1], x * x + y * y);
  const found = solve3(matrix, right);
  if (!found) throw new RangeError('the points lie on one line');
  const [x, y, c] = found;
  return { x, y, r: Math.sqrt(Math.max(0, c + x * x + y * y)) };
}

/** Normal equations of one Gauss-Newton step on the distances. */
function normal(points: readonly Point[], at: { x: number; y: number; r: number }): [Matrix, Triple] {
  const matrix: Matrix = [
    [0, 0, 0],
    [0, 0, 0],
    [0, 0, 0],
  ];
  const right: Triple = [0, 0, 0];
  for (const { x, y } of points) {
    const [dx, dy] = [x - at.x, y - at.y];
    const distance = Math.hypot(dx, dy) || 1e-300;
    add(matrix, right, [dx / distance, dy / distance, 1], distance - at.r);
  }
  return [matrix, right];
}

function add(matrix: Matrix, right: Triple, row: Triple, value: number): void {
  for (const i of [0, 1, 2] as const) {
    for (const j of [0, 1, 2] as const) matrix[i][j] += row[i] * row[j];
    right[i] += row[i] * value;
  }
}

/** Solves three equations by Cramer's rule; undefined where they are all but dependent. */
function solve3(m: Matrix, b: Triple): Triple | undefined {
  const det = (a: Triple, c: Triple, d: Triple) =>
    a[0] * (c[1] * d[2] - c[2] * d[1]) - a[1] * (c[0] * d[2] - c[2] * d[0]) + a[2] * (c[0] * d[1] - c[1] * d[0]);
  const whole = det(m[0], m[1], m[2]);
  const scale = m.reduce((product, row) => product * Math.hypot(...row), 1);
  if (!(Math.abs(whole) > 1e-13 * scale)) return undefined;
  const instead = (i: 0 | 1 | 2): number => {
    const rows = m.map((row, k) => row.map((value, j) => (j === i ? b[k as 0 | 1 | 2] : value)) as Triple) as Matrix;
    return det(rows[0], rows[1], rows[2]) / whole;
  };
  return [instead(0), instead(1), instead(2)];
}
