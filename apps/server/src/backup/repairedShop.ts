import { isBackedRow, type BackedDocument, type BackedRow, type ShopBackup } from '@zero-point/core/formats/shopBackup';

const nameOf = (entry: BackedDocument | BackedRow): string =>
  JSON.stringify([entry.kind, isBackedRow(entry) ? entry.body.id : [entry.setupId, entry.key]]);

/**
 * A shop of which something was left out, with that from a backup: what is sound stands as it is, what it lacks comes at its
 * own place in the order of the backup, and what was logged since follows.
 */
export function mendedShop(sound: ShopBackup, backup: ShopBackup): ShopBackup {
  const here = new Map(sound.record.map((entry) => [nameOf(entry), entry]));
  const inOrder = backup.record.map((entry) => here.get(nameOf(entry)) ?? entry);
  const there = new Set(backup.record.map(nameOf));
  const all = [...inOrder, ...sound.record.filter((entry) => !there.has(nameOf(entry)))];
  const setups = new Set(sound.setups.map(({ id }) => id));
  return {
    ...sound,
    setups: [...sound.setups, ...backup.setups.filter(({ id }) => !setups.has(id))],
    record: [...all.filter((entry) => !isBackedRow(entry)), ...all.filter(isBackedRow)],
  };
}
