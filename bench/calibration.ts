/** Whether what the shop knows of its gauges and axes holds: probes, centres, indices, proofs and drift, simulated. */
import { goal } from './lib/goal.mjs';
import { chance, type Chance } from '@zero-point/core/metrology/chance';
import { coverageOf, type Trial } from '@zero-point/core/testing/trials/coverage';
import {
  firstCalled,
  simulatedAngles,
  simulatedBall,
  simulatedProbe,
  simulatedTrunnion,
  simulatedWalls,
} from '@zero-point/core/testing/trials/calibrationTrials';

const LEAST_SHARE = 0.94;
const MOST_WIDTH = 1.25;
let missed = 0;
const line = (what: string, figures: string, good: boolean): void => {
  if (!good) missed += 1;
  console.log(`${what.padEnd(56)} ${figures}${good ? '' : '   missed'}`);
};
const percent = (share: number): string => `${(100 * share).toFixed(2)} %`;

console.log('\nStated ± against the true error; fixed seeds');
console.log(
  `target: holds in at least ${percent(LEAST_SHARE)}, at most ${MOST_WIDTH} × the half-width that just holds 95 %\n`,
);
const COVERED: readonly [string, number, (random: Chance) => Trial][] = [
  ['probe in a ring, a pair on X, two orientations', 20_000, (random) => simulatedProbe(random, 1)],
  ['probe in a ring, four walls, two orientations', 20_000, (random) => simulatedProbe(random, 2)],
  ['ball trued to the spindle', 20_000, simulatedBall],
  ['centre of an axis by a ball at three to six angles', 20_000, simulatedAngles],
  ['part zero at an index of a trunnion', 10_000, simulatedTrunnion],
];
for (const [what, cases, simulate] of COVERED) {
  const { share, width } = coverageOf(simulate, cases, (i) => chance(1_000_000 + i));
  line(what, `holds ${percent(share)}   width ${width.toFixed(2)} ×`, share >= LEAST_SHARE && width <= MOST_WIDTH);
}

const CHECKS = 10_000;
let named = 0;
let wolves = 0;
for (let i = 0; i < CHECKS; i += 1) {
  const random = chance(2_000_000 + i);
  const U = simulatedWalls(chance(2_000_000 + i), 0)?.U ?? 0;
  const off = random.pick(-1, 1) * random.between(3, 8) * U;
  const found = simulatedWalls(random, off);
  if (found?.state === 'off' && Math.abs(found.off - off) <= 1.5 * found.U) named += 1;
  if (simulatedWalls(chance(3_000_000 + i), 0)?.state === 'off') wolves += 1;
}
console.log(
  '\nWall check: axis, sign and size where it is over 3 U off (95 %), and a centre that is true called off (under 1 %)',
);
line('named right', percent(named / CHECKS), named / CHECKS >= 0.95);
line('called without cause', percent(wolves / CHECKS), wolves / CHECKS < 0.01);

const YEARS = 4000;
const PER_WEEK = (0.5 * 0.01 * 12) / 52;
const called = Array.from({ length: YEARS }, (_, i) => firstCalled(chance(4_000_000 + i), PER_WEEK) ?? 99).sort(
  (a, b) => a - b,
);
const quiet = Array.from({ length: YEARS }, (_, i) => firstCalled(chance(5_000_000 + i), 0)).filter(
  (week) => week !== undefined,
);
/**
 * Checks that a straight line takes until it stands out by so many standard deviations: n(n² - 1)/12 is its leverage, one
 * check's own scatter U/2.
 */
const checksFor = (deviations: number): number => {
  const slope = PER_WEEK / (0.01 / 2);
  for (let n = 2; n < 99; n += 1) if (slope * Math.sqrt((n * (n * n - 1)) / 12) >= deviations) return n;
  return 99;
};
/** 3.73: one year in a hundred cries wolf over 52 looks (Bonferroni); 1.28 more is nine times of ten. */
const [half, most] = [checksFor(3.73), checksFor(3.73 + 1.28)];
const at = (share: number): number => called[Math.floor(share * YEARS)] ?? 99;
console.log(
  `\nDrift of half a U a month, checked weekly, ${YEARS} years; theory: a line at 1 % false calls over 52 looks (3.73 s)`,
);
line('checks until it is called, half of them', `${at(0.5)} of ${half} by theory`, at(0.5) <= half + 1);
line('checks until it is called, nine of ten', `${at(0.9)} of ${most} by theory`, at(0.9) <= most + 2);
line('years of what is steady with a false call', percent(quiet.length / YEARS), quiet.length / YEARS < 0.01);
console.log(missed === 0 ? '\nall within the targets' : `\n${missed} outside the targets`);
goal('calibrations outside their targets', missed, { most: 0 });
