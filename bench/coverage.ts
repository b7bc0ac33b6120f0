/** Whether the stated ± holds: every feature by every method, simulated; a table of shares and widths. */
import { goal } from './lib/goal.mjs';
import { chance, type Chance } from '@zero-point/core/metrology/chance';
import { coverageOf, type Trial } from '@zero-point/core/testing/trials/coverage';
import { DATUM_TRIALS } from '@zero-point/core/testing/trials/datumTrials';
import { HEIGHT_TRIALS } from '@zero-point/core/testing/trials/heightTrials';

const CASES = 20_000;
const LEAST_SHARE = 0.94;
const MOST_WIDTH = 1.25;

const ALL: readonly { feature: string; method: string; simulate: (random: Chance) => Trial }[] = [
  ...DATUM_TRIALS.flatMap(({ feature, methods, simulate }) =>
    methods.map((method) => ({ feature, method, simulate: (random: Chance) => simulate(random, method) })),
  ),
  ...HEIGHT_TRIALS.flatMap(({ feature, methods, simulate }) =>
    methods.map((method) => ({ feature, method, simulate: (random: Chance) => simulate(random, method) })),
  ),
];

console.log(`\nStated ± against the true error of ${CASES} simulated answers each; fixed seeds`);
console.log('each finder is off by one size error at every touch, and by its trip again in every direction');
console.log(
  `target: holds in at least ${LEAST_SHARE * 100} %, at most ${MOST_WIDTH} × the half-width that just holds 95 %\n`,
);
let missed = 0;
for (const { feature, method, simulate } of ALL) {
  const { share, width } = coverageOf(simulate, CASES, (i) => chance(1000 + i));
  const good = share >= LEAST_SHARE && width <= MOST_WIDTH;
  if (!good) missed += 1;
  console.log(
    `${feature.padEnd(30)} ${method.padEnd(15)} holds ${(100 * share).toFixed(1).padStart(5)} %   width ${width.toFixed(2)} ×${good ? '' : '   missed'}`,
  );
}
console.log(missed === 0 ? '\nall within the targets' : `\n${missed} outside the targets`);
goal(`of ${ALL.length} features by method, stated ± outside its targets`, missed, { most: 0 });
