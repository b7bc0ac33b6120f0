import fc from 'fast-check';
import { circleFit } from './circleFit';
import { orthogonalLine } from './orthogonalLine';

/** Points of a circle at angles in degrees. */
const around = (x: number, y: number, r: number, angles: readonly number[]) =>
  angles.map((angle) => ({
    x: x + r * Math.cos((angle * Math.PI) / 180),
    y: y + r * Math.sin((angle * Math.PI) / 180),
  }));

describe('a circle through touches', () => {
  test.each([
    ['a 0.5 mm bore', 0, 0, 0.25],
    ['a 0.5 mm bore a metre away', 1000, -1000, 0.25],
    ['a 200 mm bore a metre away', -1000, 1000, 100],
  ])('%s without noise is found to a nanometre', (_, x, y, r) => {
    for (const angles of [
      [0, 120, 240],
      [10, 55, 100],
      [0, 90, 180, 270, 300],
    ]) {
      const fit = circleFit(around(x, y, r, angles));
      expect(Math.hypot(fit.centre.x - x, fit.centre.y - y)).toBeLessThan(1e-9);
      expect(Math.abs(fit.radius - r)).toBeLessThan(1e-9);
    }
  });

  test('is the geometric one: moving it any way makes the squares larger', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -0.02, max: 0.02, noNaN: true }), { minLength: 5, maxLength: 12 }),
        fc.double({ min: -Math.PI, max: Math.PI, noNaN: true }),
        (noise, way) => {
          const points = noise.map(
            (error, i) => around(62, 58, 13 + error, [(i * 360) / noise.length])[0] ?? { x: 0, y: 0 },
          );
          const fit = circleFit(points);
          const squares = (x: number, y: number, r: number) =>
            points.reduce((sum, point) => sum + (Math.hypot(point.x - x, point.y - y) - r) ** 2, 0);
          const best = squares(fit.centre.x, fit.centre.y, fit.radius);
          const [dx, dy] = [1e-4 * Math.cos(way), 1e-4 * Math.sin(way)];
          expect(squares(fit.centre.x + dx, fit.centre.y + dy, fit.radius)).toBeGreaterThanOrEqual(best);
          expect(squares(fit.centre.x, fit.centre.y, fit.radius + 1e-4)).toBeGreaterThanOrEqual(best);
        },
      ),
    );
  });

  test('a short arc knows its centre badly along the middle of the arc', () => {
    const { covariance } = circleFit(around(0, 0, 10, [-30, -10, 10, 30]));
    expect(covariance.xx).toBeGreaterThan(20 * covariance.yy);
    const round = circleFit(around(0, 0, 10, [0, 90, 180, 270])).covariance;
    expect(round.xx).toBeCloseTo(round.yy, 9);
    expect(round.xx).toBeCloseTo(0.5, 9);
  });

  test.each([
    [
      'on one line',
      [
        [0, 0],
        [1, 1],
        [2, 2],
        [5, 5],
      ],
    ],
    [
      'all one',
      [
        [3, 3],
        [3, 3],
        [3, 3],
      ],
    ],
    [
      'two different ones',
      [
        [0, 0],
        [4, 1],
        [4, 1],
      ],
    ],
  ])('points %s give none', (_, points) => {
    expect(() => circleFit(points.map(([x = 0, y = 0]) => ({ x, y })))).toThrow(RangeError);
  });
});

describe('a line through touches', () => {
  test('does not care which axis it runs along, near the origin or a metre away', () => {
    fc.assert(
      fc.property(fc.double({ min: -80, max: 80, noNaN: true }), fc.constantFrom(0, 1000), (degrees, away) => {
        const t = (degrees * Math.PI) / 180;
        const points = [0, 20, 45, 140].map((s) => ({ x: away + s * Math.cos(t), y: -away + s * Math.sin(t) }));
        const { direction, residuals } = orthogonalLine(points, { x: 1, y: 0 });
        expect(Math.abs(direction.x - Math.cos(t))).toBeLessThan(1e-9);
        expect(Math.abs(direction.y - Math.sin(t))).toBeLessThan(1e-9);
        expect(Math.max(...residuals.map(Math.abs))).toBeLessThan(1e-9);
      }),
    );
  });

  test('points the way the face nominally runs', () => {
    const points = [
      { x: 0, y: 5 },
      { x: 0.1, y: -40 },
    ];
    expect(orthogonalLine(points, { x: 0, y: 1 }).direction.y).toBeGreaterThan(0.99);
    expect(orthogonalLine(points, { x: 0, y: -1 }).direction.y).toBeLessThan(-0.99);
  });

  test('points that are one give none', () => {
    expect(() =>
      orthogonalLine(
        [
          { x: 2, y: 2 },
          { x: 2, y: 2 },
        ],
        { x: 1, y: 0 },
      ),
    ).toThrow(RangeError);
  });
});
