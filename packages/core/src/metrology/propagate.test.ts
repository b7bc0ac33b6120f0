import { corner } from '../datum/faces/corner';
import { modelOf } from '../datum/datumModel';
import { rotate, rotatedU } from '../geometry/rotate';
import { ellipse } from './fits/ellipse';
import { monteCarlo } from './monteCarlo';
import { propagate, type Model } from './propagate';
import { repeatsNeeded } from './repeatsNeeded';
import { combine } from './uncertainty';

/** Half of one value and half of another, as the middle of two faces. */
const middle: Model = {
  values: [-5, 189],
  sources: [
    { name: 'repeats, first', u: 0.006, shape: 'normal', on: 0 },
    { name: 'repeats, second', u: 0.008, shape: 'normal', on: 1 },
  ],
  of: ([a = 0, b = 0]) => [(a + b) / 2],
};

describe('propagation through a model', () => {
  test('of a mean of two is half the root of the squares', () => {
    const { at, uncertainties, covariance } = propagate(middle);
    expect(at).toEqual([92]);
    expect(uncertainties[0]?.u).toBeCloseTo(0.005, 9);
    expect(covariance[0]?.[0]).toBeCloseTo(0.005 ** 2, 12);
  });

  test('touches of one name are one line of the budget and share their degrees of freedom', () => {
    const shared: Model = {
      ...middle,
      sources: [0, 1].map((on) => ({ name: 'touches', u: 0.006, shape: 'normal' as const, dof: 12, on })),
    };
    const [found] = propagate(shared).uncertainties;
    expect(found?.parts).toHaveLength(1);
    expect(found?.dof).toBeCloseTo(12, 9);
  });

  test('two display steps of one size are a triangle, not a uniform', () => {
    const steps: Model = {
      ...middle,
      sources: [0, 1].map((on) => ({ name: 'display step', u: 0.01, shape: 'uniform' as const, on })),
    };
    expect(propagate(steps).uncertainties[0]?.parts[0]?.shape).toBe('normal');
    const one: Model = { ...steps, sources: steps.sources.slice(0, 1) };
    expect(propagate(one).uncertainties[0]?.parts[0]?.shape).toBe('uniform');
  });
});

describe('a trial by random cases', () => {
  test('bears the law of propagation out where all is normal', () => {
    const { U, mean, trials } = monteCarlo(middle, 40_000, 7);
    expect(trials).toBe(40_000);
    expect(mean[0]).toBeCloseTo(92, 3);
    expect(U[0]).toBeGreaterThan(0.97 * 1.96 * 0.005);
    expect(U[0]).toBeLessThan(1.03 * 1.96 * 0.005);
  });

  test.each([
    ['uniform', 0.95 * Math.sqrt(3)],
    ['arcsine', Math.SQRT2 * Math.sin((0.95 * Math.PI) / 2)],
    ['normal', 1.96],
  ] as const)('of one %s part has that shape’s own half-width, as the stated U has', (shape, k) => {
    const model: Model = { values: [0], sources: [{ name: 'part', u: 0.01, shape, on: 0 }], of: (v) => v };
    const tried = monteCarlo(model, 60_000, 3).U[0] ?? 0;
    expect(tried / (0.01 * k)).toBeGreaterThan(0.98);
    expect(tried / (0.01 * k)).toBeLessThan(1.02);
    expect(combine([{ name: 'part', u: 0.01, shape }]).U / (0.01 * k)).toBeCloseTo(1, 2);
  });

  test('of a scatter known from few touches is as wide as Student’s t', () => {
    const model: Model = {
      values: [0],
      sources: [{ name: 'touches', u: 0.01, shape: 'normal', dof: 4, on: 0 }],
      of: (v) => v,
    };
    const ratio = (monteCarlo(model, 60_000, 5).U[0] ?? 0) / (0.01 * 2.776);
    expect(Math.abs(ratio - 1)).toBeLessThan(0.03);
  });

  test('gives the same for the same seed, tells how far it is, and stops when told', () => {
    expect(monteCarlo(middle, 5000, 9)).toEqual(monteCarlo(middle, 5000, 9));
    const told: number[] = [];
    const stopped = monteCarlo(middle, 100_000, 9, (done) => {
      told.push(done);
      return done < 6000;
    });
    expect(told).toEqual([2000, 4000, 6000]);
    expect(stopped.trials).toBe(6000);
  });

  test('of a skewed corner agrees with its stated ± in place and in turn', () => {
    const input = {
      contact: { diameter: 4, feeler: 0, tir: 0, spin: 'standing' as const },
      method: { resolution: 0.001, methodSd: 0.003, methodDof: 10_000 },
      uTouch: 0.003,
      uSize: 0,
      alongX: {
        touches: [
          { x: 15, y: -3.8121 },
          { x: 155, y: -2.9568 },
        ],
        approach: 1 as const,
      },
      alongY: { touches: [{ x: 1.0833, y: 20 }], approach: 1 as const },
      nominal: { x: 0, y: 0 },
    };
    const { U } = corner(input);
    const tried = monteCarlo(modelOf({ kind: 'corner', input }), 30_000, 4).U;
    for (const [i, stated] of [U.x, U.y, U.skew].entries()) {
      expect(Math.abs((tried[i] ?? 0) / stated - 1)).toBeLessThan(0.04);
    }
  });
});

test('a turned point is known as well as a trial of datum and turn has it', () => {
  const point = { x: 150, y: 40 };
  const U = { x: 0.012, y: 0.015 };
  const turnU = 0.02;
  const model: Model = {
    values: [0, 0, 0],
    sources: [U.x, U.y, turnU].map((one, on) => ({ name: `part ${on}`, u: one / 1.96, shape: 'normal', on })),
    of: ([x = 0, y = 0, turn = 0]) => {
      const turned = rotate(point, turn);
      return [x + turned.x, y + turned.y];
    },
  };
  const tried = monteCarlo(model, 40_000, 6).U;
  const stated = rotatedU(point, U, turnU);
  expect(Math.abs((tried[0] ?? 0) / stated.x - 1)).toBeLessThan(0.03);
  expect(Math.abs((tried[1] ?? 0) / stated.y - 1)).toBeLessThan(0.03);
});

test('the ellipse of two unlike axes lies along the longer, and of a leaning cloud leans with it', () => {
  expect(ellipse({ xx: 1, xy: 0, yy: 4 })).toMatchObject({ angle: 90, long: expect.closeTo(4.8955, 3) });
  expect(ellipse({ xx: 1, xy: 0.5, yy: 1 }).angle).toBeCloseTo(45, 9);
  const round = ellipse({ xx: 1, xy: 0, yy: 1 });
  expect(round.long).toBeCloseTo(round.short, 12);
});

describe('how many more touches', () => {
  const parts = (sd: number, n: number, finder: number) =>
    combine([
      { name: 'repeats', u: sd / Math.sqrt(n), shape: 'normal', dof: 10 },
      { name: 'finder', u: finder, shape: 'normal' },
    ]);

  test('none where it is good enough', () => {
    expect(repeatsNeeded(parts(0.006, 3, 0.006), 3, 0.025)).toEqual({ state: 'enough' });
  });

  test('so many as bring it there, and no fewer', () => {
    const advice = repeatsNeeded(parts(0.02, 1, 0.006), 1, 0.03);
    if (advice.state !== 'more') throw new Error(advice.state);
    expect(advice.U).toBeLessThanOrEqual(0.03);
    const fewer = combine([
      { name: 'repeats', u: 0.02 / Math.sqrt(advice.touches), shape: 'normal', dof: 9 + advice.touches },
      { name: 'finder', u: 0.006, shape: 'normal' },
    ]);
    expect(fewer.U).toBeGreaterThan(0.03);
  });

  test('none would help where the finder alone is too wide, and it is named', () => {
    expect(repeatsNeeded(parts(0.006, 1, 0.03), 1, 0.025)).toMatchObject({ state: 'no-help', because: 'finder' });
  });
});
