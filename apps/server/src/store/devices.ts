import type { Database } from 'better-sqlite3';

/** A device that was let in over the network. */
export interface Device {
  id: string;
  name: string;
  pairedAt: string;
  /** When it asked for something last, to the minute. */
  seenAt: string;
}

/** Queries of the devices table. Those that were dismissed stay, and are let in no more. */
export function devices(db: Database) {
  const insert = db.prepare<[string, string, Buffer, string, string]>(
    'INSERT INTO devices (id, name, key_hash, paired_at, seen_at) VALUES (?, ?, ?, ?, ?)',
  );
  const key = db.prepare<[string], { hash: Buffer; seenAt: string }>(
    'SELECT key_hash AS hash, seen_at AS seenAt FROM devices WHERE id = ? AND dismissed_at IS NULL',
  );
  const all = db.prepare<[], Device>(
    `SELECT id, name, paired_at AS pairedAt, seen_at AS seenAt FROM devices
     WHERE dismissed_at IS NULL ORDER BY paired_at`,
  );
  const seen = db.prepare<[string, string]>('UPDATE devices SET seen_at = ? WHERE id = ?');
  const dismiss = db.prepare<[string, string]>(
    'UPDATE devices SET dismissed_at = ? WHERE id = ? AND dismissed_at IS NULL',
  );
  return {
    add: ({ id, name, pairedAt, seenAt }: Device, hash: Buffer): void => {
      insert.run(id, name, hash, pairedAt, seenAt);
    },
    /** The hash of a device's key, and when it was seen; undefined for one that is not let in. */
    key: (id: string) => key.get(id),
    all: (): Device[] => all.all(),
    seen: (id: string, at: string): void => {
      seen.run(at, id);
    },
    /** Whether there was such a device to dismiss. */
    dismiss: (id: string, at: string): boolean => dismiss.run(at, id).changes === 1,
  };
}

export type Devices = ReturnType<typeof devices>;
