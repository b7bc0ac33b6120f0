/** Whether the stated ± holds: every feature by every method, simulated; a table of shares and widths. */
import { chance } from '@zero-point/core/metrology/chance';
import { coverageOf, DATUM_SIMULATIONS } from '@zero-point/core/practice/simulatedDatum';

const CASES = 20_000;
const LEAST_SHARE = 0.94;
const MOST_WIDTH = 1.25;

console.log(`\nStated ± against the true error of ${CASES} simulated datums each; fixed seeds`);
console.log(
  `target: holds in at least ${LEAST_SHARE * 100} %, at most ${MOST_WIDTH} × the half-width that just holds 95 %\n`,
);
let missed = 0;
for (const { feature, methods, simulate } of DATUM_SIMULATIONS) {
  for (const method of methods) {
    const { share, width } = coverageOf(
      (random) => simulate(random, method),
      CASES,
      (i) => chance(1000 + i),
    );
    const good = share >= LEAST_SHARE && width <= MOST_WIDTH;
    if (!good) missed += 1;
    console.log(
      `${feature.padEnd(30)} ${method.padEnd(15)} holds ${(100 * share).toFixed(1).padStart(5)} %   width ${width.toFixed(2)} ×${good ? '' : '   missed'}`,
    );
  }
}
console.log(missed === 0 ? '\nall within the targets' : `\n${missed} outside the targets`);
