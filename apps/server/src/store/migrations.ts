import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';

/** What brings the tables from one version to the next. */
export interface Migration {
  name: string;
  sql: string;
}

/** The tables of the first release; the versions before it were never released, and are refused. */
export const BASELINE = 11;

/** The version that the tables have once all migrations ran. */
export const newestVersion = (migrations: readonly Migration[]): number => BASELINE - 1 + migrations.length;

/** Migrations that a database of a version lacks; an empty one, of version 0, lacks all. */
export const migrationsAfter = (migrations: readonly Migration[], version: number): readonly Migration[] =>
  version === 0 ? migrations : migrations.slice(version - BASELINE + 1);

/** The migrations of a folder, `011_baseline.sql` upward without a gap. */
export function readMigrations(folder: string): Migration[] {
  const names = readdirSync(folder)
    .filter((name) => /^\d{3}_\w+\.sql$/.test(name))
    .sort();
  names.forEach((name, i) => {
    if (Number(name.slice(0, 3)) !== BASELINE + i)
      throw new Error(`migrations must count up from ${BASELINE} without a gap: ${name}`);
  });
  return names.map((name) => ({ name, sql: readFileSync(join(folder, name), 'utf8') }));
}
