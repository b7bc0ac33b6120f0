import { chance } from '../metrology/chance';
import { coverageOf } from '../../testing/trials/coverage';
import { DATUM_TRIALS } from '../../testing/trials/datumTrials';

/** The bench does twenty thousand of each feature and every method; here one method of each, on seeds of their own. */
const CASES = 1500;

const samples = DATUM_TRIALS.map(({ feature, methods, simulate }, i) => {
  const method = methods[i % methods.length] ?? 'probe';
  return { feature, method, simulate };
});

describe.each(samples)('$feature by $method', ({ method, simulate }) => {
  const { share, width } = coverageOf(
    (random) => simulate(random, method),
    CASES,
    (i) => chance(500_000 + i),
  );

  test('lies within its stated ± in at least 94 of 100 cases', () => {
    expect(share).toBeGreaterThanOrEqual(0.94);
  });

  test('is not stated wider than a quarter over what just holds 95 of 100', () => {
    expect(width).toBeLessThanOrEqual(1.25);
  });
});
