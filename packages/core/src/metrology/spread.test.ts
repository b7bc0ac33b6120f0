import { chance } from './chance';
import { roundedAlike, roundingOfMean } from './roundingOfMean';
import { searchPart } from './searchPart';
import { spreadParts } from './spread';
import { combine } from './uncertainty';

describe('the display step in a mean', () => {
  test('one reading has the whole of it', () => {
    expect(roundingOfMean(0.012, 1, 0.002)).toBeCloseTo(0.012 / Math.sqrt(12), 12);
  });

  test('readings that scatter far less than a step are all rounded alike: no number of them helps', () => {
    expect(roundingOfMean(0.01, 100, 0.0001)).toBeGreaterThan(0.95 * roundingOfMean(0.01, 1, 0.0001));
  });

  test('readings that scatter over a step are rounded each by itself', () => {
    expect(roundingOfMean(0.01, 25, 0.01)).toBeCloseTo(0.01 / Math.sqrt(12) / 5, 6);
  });

  test('how alike is as simulated, for any scatter against the step', () => {
    const random = chance(11);
    for (const scatter of [0.05, 0.15, 0.25, 0.4]) {
      let both = 0;
      let each = 0;
      for (let i = 0; i < 60_000; i += 1) {
        const at = random.next();
        const [a, b] = [1, 2].map(() => {
          const x = at + scatter * random.normal();
          return Math.round(x) - x;
        }) as [number, number];
        both += a * b;
        each += (a * a + b * b) / 2;
      }
      expect(Math.abs(both / each - roundedAlike(scatter))).toBeLessThan(0.02);
    }
  });
});

describe('what a search leaves open', () => {
  test('half a step taken: a uniform of the step, half-width 95 % of half of it', () => {
    const part = searchPart({ step: 0.1, takeHalf: true });
    expect(part).toMatchObject({ u: 0.1 / Math.sqrt(12), shape: 'uniform' });
    expect(combine([part]).U).toBeCloseTo(0.0475, 9);
  });

  test('the gauge kept: the whole step, one side of it', () => {
    expect(combine([searchPart({ step: 0.1, takeHalf: false })]).U).toBeCloseTo(0.095, 9);
  });
});

describe('a largest less smallest', () => {
  const U = (seen: number, n: number) => combine(spreadParts(seen, n, 0.004, 10)).U;

  test('of two readings is their difference', () => {
    expect(spreadParts(0.01, 2, 0.004, 10).filter(({ u }) => u > 0)).toEqual([
      { name: 'scatter of two readings', u: 0.004 * Math.SQRT2, shape: 'normal', dof: 10 },
    ]);
  });

  test('of many places is known worse than of two, more so where it may be scatter alone', () => {
    expect(U(0.01, 24)).toBeGreaterThan(U(0.01, 6));
    expect(U(0.01, 12)).toBeGreaterThan(U(0.1, 12));
    expect(U(0.01, 6)).toBeGreaterThan(U(0.01, 2));
  });
});
