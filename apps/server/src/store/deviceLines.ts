import type { Database } from 'better-sqlite3';

/** The place of an entry among those of its device: which line it stands in, and the how manieth it is. */
export interface DeviceTurn {
  line: string;
  number: number;
  /** Its number was settled before: nothing new is stored under it. */
  repeat: boolean;
}

/** Queries of the lines table: how far each device's entries have come. */
export function lines(db: Database) {
  const settled = db.prepare<[string], number>('SELECT settled FROM lines WHERE id = ?').pluck();
  const settle = db.prepare<[string, number]>(
    `INSERT INTO lines (id, settled) VALUES (?, ?)
     ON CONFLICT (id) DO UPDATE SET settled = excluded.settled WHERE excluded.settled = settled + 1`,
  );
  return {
    /** The number that was settled last; undefined for a line nothing came of yet, which may begin anywhere. */
    settled: (line: string): number | undefined => settled.get(line),
    /** Moves the line on to this number, where it is the next. */
    settle: ({ line, number }: DeviceTurn): void => {
      settle.run(line, number);
    },
  };
}

export type Lines = ReturnType<typeof lines>;
