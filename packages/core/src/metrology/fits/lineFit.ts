/** A straight line through points, by least squares of the values. */
export interface LineFit {
  /** Change of value per unit of place. */
  slope: number;
  /** Value of the line at `middle`, the mean place. */
  value: number;
  middle: number;
  /** Sum of squared distances of the places from their middle: the line's leverage. */
  leverage: number;
  /** Sum of squared residuals, and the degrees of freedom behind it. */
  squares: number;
  dof: number;
}

/**
 * Least squares line `value + slope (at - middle)`; worked from the middle so that large places lose no digits.
 *
 * @param points at least two with different places
 * @throws RangeError when all places are the same
 * @example lineFit([{ at: 0, value: 1 }, { at: 10, value: 3 }]).slope // 0.2
 */
export function lineFit(points: readonly { at: number; value: number }[]): LineFit {
  const n = points.length;
  const middle = points.reduce((sum, { at }) => sum + at, 0) / n;
  const value = points.reduce((sum, point) => sum + point.value, 0) / n;
  const leverage = points.reduce((sum, { at }) => sum + (at - middle) ** 2, 0);
  if (!(leverage > 0)) throw new RangeError('a line needs two different places');
  const slope = points.reduce((sum, point) => sum + (point.at - middle) * (point.value - value), 0) / leverage;
  const squares = points.reduce((sum, point) => sum + (point.value - value - slope * (point.at - middle)) ** 2, 0);
  return { slope, value, middle, leverage, squares, dof: n - 2 };
}
