/** How good the order of many holes is, against the best of long runs and what is proven, and how long it takes. */
import { goal } from './lib/goal.mjs';
import { dialLines, type DialAxis } from '../packages/core/src/holes/dials/dialMoves';
import { chains } from '../packages/core/src/holes/order/firstOrder';
import { bestOrder, orderCost, type OrderJob } from '../packages/core/src/holes/order/order';
import { REVERSAL } from '../packages/core/src/holes/order/orderCost';
import { chance } from '../packages/core/src/metrology/chance';

const SETS = 6;
const HOLES = 200;
const LONG = { tries: 60_000, seeds: [11, 12] };

const axis = (backlash: number): DialAxis => ({ dial: { perTurn: 3, lines: 120 }, backlash, approach: 1 });
const COSTS: { name: string; cost: OrderJob['cost'] }[] = [
  { name: 'shortest way', cost: { kind: 'travel' } },
  { name: 'fewest reversals', cost: { kind: 'dials', x: axis(0.18), y: axis(0.22) } },
];

function randomJob(seed: number, holes: number, cost: OrderJob['cost']): OrderJob {
  const dice = chance(seed);
  const places = Array.from({ length: holes }, () => ({ x: dice.between(0, 184), y: dice.between(0, 116) }));
  return { places, start: { x: 0, y: 0 }, cost };
}

/** Reversals no order can do without: one between each two of the fewest chains that go only forward (Dilworth). */
function leastReversals(job: OrderJob): number {
  const dial = axis(0).dial;
  // On a dial two places on one line are one: only lines count.
  const places = job.places.map(({ x, y }) => ({ x: dialLines(x, dial), y: dialLines(y, dial) }));
  const order = chains({ ...job, places });
  let breaks = 0;
  for (let i = 1; i < order.length; i += 1) {
    const [a, b] = [places[order[i - 1] ?? 0], places[order[i] ?? 0]];
    if (a && b && (b.x < a.x || b.y < a.y)) breaks += 1;
  }
  return breaks;
}

const worst = (all: readonly number[]) => Math.max(...all);
const mean = (all: readonly number[]) => all.reduce((sum, one) => sum + one, 0) / all.length;

console.log(
  `\n${HOLES} random holes on 184 × 116, ${SETS} sets: what the app finds over the best of long runs, target 1.03 at most`,
);
for (const { name, cost } of COSTS) {
  const ratios: number[] = [];
  const proven: string[] = [];
  for (let seed = 1; seed <= SETS; seed += 1) {
    const job = randomJob(seed, HOLES, cost);
    const found = orderCost(job, bestOrder(job).order);
    const long = LONG.seeds.map((one) => orderCost(job, bestOrder({ ...job, tries: LONG.tries, seed: one }).order));
    ratios.push(found / Math.min(found, ...long));
    if (cost.kind === 'dials')
      proven.push(
        `${Math.floor(found / REVERSAL)} (long ${Math.floor(Math.min(...long) / REVERSAL)}, proven ${leastReversals(job)})`,
      );
  }
  console.log(`${name.padEnd(18)} mean ${mean(ratios).toFixed(4)}   worst ${worst(ratios).toFixed(4)}`);
  goal(`order of 200 holes, ${name}, over the best of long runs`, mean(ratios), { most: 1.03 });
  if (proven.length > 0) console.log(`  reversals found: ${proven.join(', ')}`);
}

console.log('\n1000 random holes: seconds, target 2 at most');
for (const { name, cost } of COSTS) {
  const job = randomJob(9, 1000, cost);
  const began = performance.now();
  bestOrder(job);
  const seconds = (performance.now() - began) / 1000;
  console.log(`${name.padEnd(18)} ${seconds.toFixed(2)} s`);
  goal(`order of 1000 holes, ${name}`, seconds, { most: 2, unit: ' s' });
}
