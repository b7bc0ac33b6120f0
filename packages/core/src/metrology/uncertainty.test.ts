import fc from 'fast-check';
import { judge } from './judge';
import { repeats } from './repeats';
import { repeatPart, touchBudget } from './touchBudget';
import { combine } from './uncertainty';

const springFinder = { resolution: 0.005, methodSd: 0.006 };

describe('uncertainty of a touch', () => {
  test('three readings with an edge finder, worked by hand', () => {
    const seen = repeats([-5.012, -5.008, -5.01], springFinder);
    const { u, U, k, dof } = combine(touchBudget(seen, springFinder, { uTouch: 0.006, uSize: 0 }));
    // Squares: pooled 30.667e-6 over three 10.222e-6; display, three roundings 0.698e-6; feel 36e-6; together 46.917e-6.
    expect(u).toBeCloseTo(0.0068496, 6);
    expect(dof).toBeGreaterThan(200);
    expect(k).toBeCloseTo(1.969, 2);
    expect(U).toBeCloseTo(0.01349, 4);
  });

  test('one reading has a ± too, wider than three have', () => {
    const one = repeatPart(repeats([3], springFinder), springFinder);
    const three = repeatPart(repeats([3, 3, 3], springFinder), springFinder);
    expect(one.u).toBeCloseTo(0.006, 12);
    expect(one.dof).toBe(10);
    expect(three.u).toBeLessThan(one.u);
  });

  test('Student’s t at 5 degrees of freedom gives 2.571', () => {
    expect(combine([{ name: 'repeats', u: 1, shape: 'normal', dof: 5 }]).k).toBeCloseTo(2.571, 3);
  });

  test('a uniform part alone reaches 95 % at 0.95 of its half-width', () => {
    const halfWidth = 0.5;
    const { U } = combine([{ name: 'step', u: halfWidth / Math.sqrt(3), shape: 'uniform' }]);
    expect(U).toBeCloseTo(0.475, 9);
  });

  test('uniform with normal agrees with counting a simulated million', () => {
    const a = 1;
    const sigma = 0.3;
    const { U } = combine([
      { name: 'step', u: a / Math.sqrt(3), shape: 'uniform' },
      { name: 'repeats', u: sigma, shape: 'normal' },
    ]);
    let state = 12345;
    const next = () => {
      state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
      return (state + 0.5) / 2 ** 32;
    };
    let inside = 0;
    const trials = 200_000;
    for (let i = 0; i < trials; i += 1) {
      const normal = Math.sqrt(-2 * Math.log(next())) * Math.cos(2 * Math.PI * next());
      if (Math.abs((2 * next() - 1) * a + sigma * normal) <= U) inside += 1;
    }
    expect(inside / trials).toBeCloseTo(0.95, 2);
  });

  test('more repeats never widen a quiet answer, and every part widens it', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 30 }), fc.double({ min: 0, max: 0.1, noNaN: true }), (n, finderU) => {
        const readings = Array.from({ length: n }, () => 5);
        const U = (count: number, finder: number) =>
          combine(
            touchBudget(repeats(readings.slice(0, count), springFinder), springFinder, { uTouch: finder, uSize: 0 }),
          ).U;
        expect(U(n, finderU)).toBeLessThanOrEqual(U(1, finderU) + 1e-12);
        expect(U(n, finderU + 0.02)).toBeGreaterThan(U(n, finderU));
      }),
    );
  });

  test('no parts at all is no uncertainty, not a division by zero', () => {
    expect(combine([])).toMatchObject({ u: 0, U: 0 });
  });
});

test('the verdict turns at a quarter of the tolerance and at the tolerance', () => {
  expect([judge(0.025, 0.1), judge(0.0251, 0.1), judge(0.1, 0.1), judge(0.101, 0.1)]).toEqual([
    'good',
    'marginal',
    'marginal',
    'poor',
  ]);
});

test('a part next to nothing beside exact ones leaves U as the normal has it, never a figure that is none', () => {
  const { U, k } = combine([
    { name: 'touches', u: 1e-6, shape: 'normal', dof: 10 },
    { name: 'finder', u: 0.006, shape: 'normal' },
  ]);
  expect(k).toBeCloseTo(1.96, 3);
  expect(U).toBeCloseTo(0.01176, 5);
});
