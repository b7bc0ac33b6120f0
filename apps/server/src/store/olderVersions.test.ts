import type { Snapshot } from '@zero-point/core/records/snapshots/snapshot';
import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { createRecord } from '../records/record';
import { answersOf } from '../testing/answers';
import { filledBy, MIGRATIONS } from '../testing/shop';
import { readMigrations } from './migrations';
import { openDatabase } from './openDatabase';
import { createStore } from './store';

const FIXTURES = join(__dirname, '..', '..', 'fixtures');
const migrations = readMigrations(MIGRATIONS);

/** What each version's own program answered, written down by it. */
const before = JSON.parse(readFileSync(join(FIXTURES, 'answers.json'), 'utf8')) as Record<
  string,
  Record<string, unknown>
>;

/** Where answers say how good they are: reckoned by one model of size and touch since, where it was one figure for both. */
const GOODNESS: ReadonlySet<string> = new Set([
  'u',
  'U',
  'k',
  'dof',
  'weakest',
  'angleU',
  'covariance',
  'uncertainty',
  'widthUncertainty',
]);

/** An answer without its ±. */
function bare(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(bare);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value).flatMap(([key, one]) => (GOODNESS.has(key) ? [] : [[key, bare(one)]])),
  );
}

/** Each ± of an answer, by where it is. */
function stated(value: unknown, at = ''): [string, number][] {
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, one]): [string, number][] =>
    key === 'U' && typeof one === 'number' ? [[at, one]] : stated(one, `${at} ${key}`),
  );
}

describe.each([1, 2, 3, 4, 5])('a database of version %i', (version) => {
  test('opens with a copy kept, and gives the same answers to the last digit', () => {
    const file = filledBy(version);
    const store = createStore(openDatabase(file, migrations));
    expect(readdirSync(dirname(file)).filter((name) => name.endsWith('.copy'))).toHaveLength(1);
    const record = createRecord(store);
    const ratios: number[] = [];
    const setups = store.setups.all().map(({ id }) => id);
    expect(setups).toEqual(Object.keys(before[`v${version}`] ?? {}).sort());
    for (const id of setups) {
      const snapshot = JSON.parse(record.snapshotText(id)) as Snapshot;
      // Through JSON as the old answers went, so that what is left out is left out in both.
      const now: unknown = JSON.parse(JSON.stringify(answersOf(snapshot)));
      const then = before[`v${version}`]?.[id];
      expect(bare(now)).toEqual(bare(then));
      const was = new Map(stated(then));
      for (const [where, U] of stated(now)) ratios.push(U / (was.get(where) ?? Number.NaN));
    }
    expect(ratios.length).toBeGreaterThan(0);
    // Stated again, but no answer by a figure that another finder would have.
    for (const ratio of ratios) {
      expect(ratio).toBeGreaterThan(0.4);
      expect(ratio).toBeLessThan(2.5);
    }
    store.close();
  });

  test('opened again is left as it is', () => {
    const file = filledBy(version);
    openDatabase(file, migrations).close();
    const store = createStore(openDatabase(file, migrations));
    expect(readdirSync(dirname(file)).filter((name) => name.endsWith('.copy'))).toHaveLength(1);
    expect(store.kind()).toBe('own');
    store.close();
  });
});
