import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';

export interface Migration {
  name: string;
  sql: string;
}

/** The migrations of a folder, `001_name.sql` upward without a gap. */
export function readMigrations(folder: string): Migration[] {
  const names = readdirSync(folder)
    .filter((name) => /^\d{3}_\w+\.sql$/.test(name))
    .sort();
  names.forEach((name, i) => {
    if (Number(name.slice(0, 3)) !== i + 1) throw new Error(`migrations must count up from 001 without a gap: ${name}`);
  });
  return names.map((name) => ({ name, sql: readFileSync(join(folder, name), 'utf8') }));
}
