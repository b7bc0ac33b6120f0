import { linkAddress, type LinkAddress } from '@zero-point/core/link/address';
import type { Database } from 'better-sqlite3';

/** Queries of the links table: at what address a machine's DRO or control is found. */
export function links(db: Database) {
  const all = db.prepare<[], { machineId: string; address: string }>(
    'SELECT machine_id AS machineId, address FROM links ORDER BY machine_id',
  );
  const put = db.prepare<[string, string]>(
    'INSERT INTO links (machine_id, address) VALUES (?, ?) ON CONFLICT (machine_id) DO UPDATE SET address = excluded.address',
  );
  const drop = db.prepare<[string]>('DELETE FROM links WHERE machine_id = ?');
  return {
    all: (): { machineId: string; address: LinkAddress }[] =>
      all.all().map(({ machineId, address }) => ({ machineId, address: linkAddress.parse(JSON.parse(address)) })),
    put: (machineId: string, address: LinkAddress): void => {
      put.run(machineId, JSON.stringify(address));
    },
    drop: (machineId: string): void => {
      drop.run(machineId);
    },
  };
}

export type LinkQueries = ReturnType<typeof links>;
