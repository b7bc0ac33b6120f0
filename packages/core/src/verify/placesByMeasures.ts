import { Matrix, solve, inverse } from 'ml-matrix';
import type { Point } from '../geometry/point';

/** Something measured between holes, or of one: mm, with its standard uncertainty. */
export type Measure =
  | { kind: 'chord'; from: number; to: number; value: number; u: number }
  | { kind: 'coordinate'; of: number; axis: 'x' | 'y'; value: number; u: number };

/** A hole as it was found: where, and how well each coordinate is known; undefined where nothing tells. mm. */
export interface FoundPlace extends Point {
  u: { x: number; y: number };
  told: boolean;
}

/** Where nothing was measured a hole is taken to be where it should, this well, mm: so little that a measure outweighs it. */
const LOOSE = 2;

/** A coordinate counts as told where it is known this well, mm, standard: what is told is held against a zone. */
const TOLD = 0.05;

const ROUNDS = 30;

/**
 * Where holes are, from chords between them and coordinates of them, by weighted least squares (Gauss-Newton from where
 * they should be; JCGM 102:2011, 7 for the uncertainties). What the measures do not tell stays where it should be, and is
 * not entered.
 *
 * @param should where the holes should be, mm; `of`, `from` and `to` count these
 */
export function placesByMeasures(should: readonly Point[], measures: readonly Measure[]): FoundPlace[] {
  const size = 2 * should.length;
  const at = should.flatMap(({ x, y }) => [x, y]);
  const start = [...at];
  let normal = Matrix.zeros(size, size);
  for (let round = 0; round < ROUNDS; round += 1) {
    normal = Matrix.zeros(size, size);
    const right = Matrix.zeros(size, 1);
    const add = (row: readonly [number, number][], residual: number, u: number) => {
      const weight = 1 / u ** 2;
      for (const [i, di] of row) {
        right.set(i, 0, right.get(i, 0) + weight * di * residual);
        for (const [j, dj] of row) normal.set(i, j, normal.get(i, j) + weight * di * dj);
      }
    };
    at.forEach((value, i) => add([[i, 1]], (start[i] ?? 0) - value, LOOSE));
    for (const measure of measures) {
      if (measure.kind === 'coordinate') {
        const i = 2 * measure.of + (measure.axis === 'x' ? 0 : 1);
        add([[i, 1]], measure.value - (at[i] ?? 0), measure.u);
      } else {
        const [a, b] = [2 * measure.from, 2 * measure.to];
        const [dx, dy] = [(at[b] ?? 0) - (at[a] ?? 0), (at[b + 1] ?? 0) - (at[a + 1] ?? 0)];
        const chord = Math.hypot(dx, dy) || 1e-9;
        add(
          [
            [a, -dx / chord],
            [a + 1, -dy / chord],
            [b, dx / chord],
            [b + 1, dy / chord],
          ],
          measure.value - chord,
          measure.u,
        );
      }
    }
    const step = solve(normal, right);
    let moved = 0;
    for (let i = 0; i < size; i += 1) {
      at[i] = (at[i] ?? 0) + step.get(i, 0);
      moved = Math.max(moved, Math.abs(step.get(i, 0)));
    }
    if (moved < 1e-10) break;
  }
  const covariance = inverse(normal);
  return should.map((_, hole) => {
    const u = {
      x: Math.sqrt(Math.max(0, covariance.get(2 * hole, 2 * hole))),
      y: Math.sqrt(Math.max(0, covariance.get(2 * hole + 1, 2 * hole + 1))),
    };
    return {
      x: at[2 * hole] ?? NaN,
      y: at[2 * hole + 1] ?? NaN,
      u,
      told: u.x < TOLD && u.y < TOLD,
    };
  });
}
