import { openBook } from '@zero-point/core/book/book';
import type { Snapshot } from '@zero-point/core/record/snapshot';
import { standingOf, type Standing } from '@zero-point/core/words/standing';
import type { ShopRecord } from './record';

/** Where set-ups stand: reckoned when asked for, and anew only after something of them, or of the shop, was stored. */
export function createStandings(record: ShopRecord) {
  const known = new Map<string, Standing>();
  record.listen((setupId) => {
    if (setupId === '') known.clear();
    else known.delete(setupId);
  });
  return (setupId: string): Standing => {
    const standing = known.get(setupId) ?? standingOf(openBook(JSON.parse(record.snapshotText(setupId)) as Snapshot));
    known.set(setupId, standing);
    return standing;
  };
}
