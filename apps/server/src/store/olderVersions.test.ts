import type { Snapshot } from '@zero-point/core/record/snapshot';
import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { createRecord } from '../record';
import { answersOf } from '../testing/answers';
import { freshFile, MIGRATIONS } from '../testing/shop';
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

/** A database as a version left it. */
function filledBy(version: number): string {
  const file = freshFile();
  const db = openDatabase(file, migrations.slice(0, version));
  db.exec(`BEGIN; ${readFileSync(join(FIXTURES, `v${version}.sql`), 'utf8')} COMMIT;`);
  db.close();
  return file;
}

describe.each([1, 2, 3, 4, 5])('a database of version %i', (version) => {
  test('opens with a copy kept, and gives the same answers to the last digit', () => {
    const file = filledBy(version);
    const store = createStore(openDatabase(file, migrations));
    expect(readdirSync(dirname(file)).filter((name) => name.endsWith('.copy'))).toHaveLength(1);
    const record = createRecord(store);
    const setups = store.setups.all().map(({ id }) => id);
    expect(setups).toEqual(Object.keys(before[`v${version}`] ?? {}).sort());
    for (const id of setups) {
      const snapshot = JSON.parse(record.snapshotText(id)) as Snapshot;
      // Through JSON as the old answers went, so that what is left out is left out in both.
      expect(JSON.parse(JSON.stringify(answersOf(snapshot)))).toEqual(before[`v${version}`]?.[id]);
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
