import { DEPTH_KINDS, depthJob, depthShares } from './depthJob';

/** So many of each kind here; ten thousand in all by `npm run bench -- depths`. */
const EACH = 40;

const jobs = DEPTH_KINDS.flatMap((kind, k) => Array.from({ length: EACH }, (_, i) => depthJob(kind, 1000 * k + i + 1)));

test('jobs of every kind end at their depth within U, none beyond three of it', () => {
  const { within, beyond } = depthShares(jobs);
  expect(within).toBeGreaterThanOrEqual(0.94);
  expect(beyond).toBe(0);
});

test.each(DEPTH_KINDS)('$school, $reads, down by the $by', (kind) => {
  const own = jobs.filter((job) => job.kind === kind);
  expect(own).toHaveLength(EACH);
  expect(depthShares(own).within).toBeGreaterThanOrEqual(0.9);
});

test('tools longer and shorter by far more than any ±: a sign the other way would end millimetres off', () => {
  const kept = jobs.filter(({ kind }) => kind.school !== 'touch-every-change');
  expect(kept.filter(({ longer }) => longer > 5).length).toBeGreaterThan(50);
  expect(kept.filter(({ longer }) => longer < -5).length).toBeGreaterThan(20);
});
