import { openBook } from '@zero-point/core/book/book';
import type { Snapshot } from '@zero-point/core/record/snapshot';
import { standingOf, type Standing } from '@zero-point/core/words/standing';
import { setImmediate as nextTurn } from 'node:timers/promises';
import { orLeftOut } from './http/problem';
import type { ShopRecord } from './record';
import type { Workers } from './work/workers';

/** A set-up of more than so many characters may take long: it is worked out in another process. */
const SHORT = 100_000;

/**
 * Where set-ups stand: worked out when asked for, and anew only after something of them, or of the shop, was stored.
 * One after the other, with others answered between. A set-up that stands on something left out is left out.
 */
export function createStandings(record: ShopRecord, workers: Workers) {
  const known = new Map<string, Standing>();
  /** How often something was stored: what was worked out of an older record is not kept. */
  let changes = 0;
  record.listen((setupId) => {
    changes += 1;
    if (setupId === '') known.clear();
    else known.delete(setupId);
  });

  async function find(id: string): Promise<Standing | undefined> {
    const asOf = changes;
    const snapshot = orLeftOut(() => record.snapshotText(id));
    if (snapshot === undefined) return undefined;
    const standing =
      snapshot.length > SHORT
        ? await workers.run('standing', snapshot)
        : standingOf(openBook(JSON.parse(snapshot) as Snapshot));
    if (asOf === changes) known.set(id, standing);
    await nextTurn();
    return standing;
  }

  return async (ids: readonly string[]): Promise<Standing[]> => {
    const standings: Standing[] = [];
    for (const id of ids) {
      const standing = known.get(id) ?? (await find(id));
      if (standing) standings.push(standing);
    }
    return standings;
  };
}
