/** A setup opened as a book, and derived again after one more reading: at a thousand and at ten thousand readings. */
import { goal } from './lib/goal.mjs';
import { agreements } from '../packages/core/src/state/checks/agreements';
import { deriveState } from '../packages/core/src/state/basis/setupState';
import { foundFeatures } from '../packages/core/src/state/datum/foundFeatures';
import { plateSnapshot, caseReading, rowOf, withTools } from '../packages/core/src/state/basis/snapshot.case';
import { tableAnswer } from '../packages/core/src/state/zAndTools/toolTable';
import { wildReadings } from '../packages/core/src/state/checks/outliers';
import { withEntries } from '../packages/core/src/records/kinds/merge';
import type { RowEntry } from '../packages/core/src/records/kinds/entry';
import type { Snapshot } from '../packages/core/src/records/snapshots/snapshot';
import { chance } from '../packages/core/src/metrology/chance';

const FACES = ['left', 'right', 'front', 'back'] as const;
const AT = { left: -5, right: 189, front: -5, back: 121 } as const;
const AGAIN = 300;
const GOAL = 16;

const random = chance(20261125);

/** A touch of the plate, somewhere: mostly faces, one in five a tool. */
function touch(i: number): RowEntry {
  const noise = random.normal() * 0.004;
  if (i % 5 === 4) {
    const tool = 2 + (i % 20);
    return rowOf('reading', caseReading({ kind: 'tool-length', tool }, 25 + noise));
  }
  const face = FACES[i % 4] ?? 'left';
  return rowOf('reading', caseReading({ kind: 'face', face }, AT[face] + noise));
}

const snapshotOf = (readings: number): Snapshot =>
  withEntries(
    {
      ...plateSnapshot,
      ...withTools(
        Array.from({ length: 22 }, (_, i) => ({ id: `t${i}`, number: i + 1, name: `Tool ${i + 1}`, diameter: 6 })),
      ),
    },
    [
      rowOf('reading', caseReading({ kind: 'z-zero', tool: 1 }, 37.42)),
      ...Array.from({ length: readings - 1 }, (_, i) => touch(i)),
    ],
  );

/** Everything the screens of one station after another ask of a book. */
function derive(snapshot: Snapshot): number {
  const book = deriveState(snapshot);
  return foundFeatures(book).length + agreements(book).length + tableAnswer(book).rows.length + wildReadings(book).size;
}

const timed = (work: () => void): number => {
  const start = performance.now();
  work();
  return performance.now() - start;
};

const at = (values: readonly number[], share: number): number =>
  [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * share))] ?? NaN;

function measure(readings: number) {
  const base = snapshotOf(readings);
  const open = Array.from({ length: 30 }, () => timed(() => derive({ ...base })));
  let snapshot = base;
  const again = Array.from({ length: AGAIN }, (_, i) =>
    timed(() => {
      snapshot = withEntries(snapshot, [touch(i)]);
      derive(snapshot);
    }),
  );
  return { open: at(open, 0.5), again: at(again, 0.5), worst: at(again, 0.99) };
}

measure(300);
const [small, large] = [measure(1000), measure(10_000)];
const ms = (value: number) => `${value.toFixed(2)} ms`;
const growth = (large.again / small.again / (Math.log2(10_000) / Math.log2(1000))) as number;
console.log('\nA setup opened, and derived again after one more reading: datum, checks, tool table, wild readings');
console.log(`open 1 000 readings     ${ms(small.open)}`);
console.log(`open 10 000 readings    ${ms(large.open)}   ratio to 1 000: ${(large.open / small.open).toFixed(1)}`);
console.log(
  `one more at 1 000       median ${ms(small.again)}   p99 ${ms(small.worst)}   goal p99 under ${GOAL} ms: ratio ${(small.worst / GOAL).toFixed(2)}`,
);
console.log(
  `one more at 10 000      median ${ms(large.again)}   p99 ${ms(large.worst)}   ratio to 1 000: ${(large.again / small.again).toFixed(1)}`,
);
console.log(`growth against n log n  ${(growth / 10).toFixed(2)}   goal 1.00 at most`);
goal('one more reading at 1 000, p99', small.worst, { most: GOAL, unit: ' ms' });
goal('growth against n log n', growth / 10, { most: 1 });
