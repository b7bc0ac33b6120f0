import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import type { Database } from 'better-sqlite3';
import { sumAll } from './soundness/soundness';

export interface Migration {
  name: string;
  sql: string;
  /** What SQL cannot do, in the same transaction. */
  then?: (db: Database) => void;
}

const THEN: Readonly<Record<string, (db: Database) => void>> = { '011_row_sums.sql': sumAll };

/** The migrations of a folder, `001_name.sql` upward without a gap. */
export function readMigrations(folder: string): Migration[] {
  const names = readdirSync(folder)
    .filter((name) => /^\d{3}_\w+\.sql$/.test(name))
    .sort();
  names.forEach((name, i) => {
    if (Number(name.slice(0, 3)) !== i + 1) throw new Error(`migrations must count up from 001 without a gap: ${name}`);
  });
  return names.map((name) => {
    const then = THEN[name];
    return { name, sql: readFileSync(join(folder, name), 'utf8'), ...(then && { then }) };
  });
}
