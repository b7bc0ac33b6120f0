import { cosDegrees, sinDegrees } from '../../units/degrees';

/** First harmonic of a sweep: m = mean + a cos t + b sin t. */
export interface HarmonicFit {
  mean: number;
  a: number;
  b: number;
  /** Variance of a and of b for readings of variance 1. */
  varianceA: number;
  varianceB: number;
  residuals: number[];
  squares: number;
  dof: number;
}

/**
 * Least squares fit of the first harmonic to readings around a circle.
 *
 * @param points angles in degrees, at least three different ones
 * @example harmonicFit([{ angle: 0, reading: 1 }, { angle: 90, reading: 0 }, { angle: 180, reading: -1 }]).a // 1
 */
export function harmonicFit(points: readonly { angle: number; reading: number }[]): HarmonicFit {
  const rows = points.map(({ angle, reading }) => ({ c: cosDegrees(angle), s: sinDegrees(angle), reading }));
  const sum = (pick: (row: (typeof rows)[number]) => number) => rows.reduce((total, row) => total + pick(row), 0);
  const n = rows.length;
  const [c, s] = [sum((row) => row.c) / n, sum((row) => row.s) / n];
  const mean = sum((row) => row.reading) / n;
  // About the means, the three normal equations come down to two.
  const cc = sum((row) => (row.c - c) ** 2);
  const ss = sum((row) => (row.s - s) ** 2);
  const cs = sum((row) => (row.c - c) * (row.s - s));
  const cm = sum((row) => (row.c - c) * (row.reading - mean));
  const sm = sum((row) => (row.s - s) * (row.reading - mean));
  const determinant = cc * ss - cs * cs;
  const a = (cm * ss - sm * cs) / determinant;
  const b = (sm * cc - cm * cs) / determinant;
  const level = mean - a * c - b * s;
  const residuals = rows.map((row) => row.reading - level - a * row.c - b * row.s);
  return {
    mean: level,
    a,
    b,
    varianceA: ss / determinant,
    varianceB: cc / determinant,
    residuals,
    squares: residuals.reduce((total, residual) => total + residual ** 2, 0),
    dof: n - 3,
  };
}
