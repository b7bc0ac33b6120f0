import { deriveState } from '@zero-point/core/state/basis/setupState';
import type { Snapshot } from '@zero-point/core/records/snapshots/snapshot';
import { setupStatusOf, type SetupStatus } from '@zero-point/core/messages/status/setupStatus';
import { setImmediate as nextTurn } from 'node:timers/promises';
import { orLeftOut } from '../http/problem';
import type { ShopRecord } from './record';
import type { ShopOnDisk } from '../background/stageSetup';
import type { Workers } from '../background/workers';

const leftOut = (error: unknown): undefined =>
  orLeftOut(() => {
    throw error;
  });

/**
 * Where setups stand: worked out when asked for, and again only after something of them, or of the shop, was stored.
 * One after the other, with others answered between; a long one by another process. A setup that stands on something left out is left out.
 */
export function createSetupStatus(record: ShopRecord, shop: ShopOnDisk, workers: Workers) {
  const known = new Map<string, SetupStatus>();
  /** How often something was stored: what was worked out of an older record is not kept. */
  let changes = 0;
  record.listen((setupId) => {
    changes += 1;
    if (setupId === '') known.clear();
    else known.delete(setupId);
  });

  async function find(id: string): Promise<SetupStatus | undefined> {
    const asOf = changes;
    const standing = record.isLong(id)
      ? await workers.run('standing', { shop, id }).catch(leftOut)
      : orLeftOut(() => setupStatusOf(deriveState(JSON.parse(record.snapshotText(id)) as Snapshot)));
    if (!standing) return undefined;
    if (asOf === changes) known.set(id, standing);
    await nextTurn();
    return standing;
  }

  return async (ids: readonly string[]): Promise<SetupStatus[]> => {
    const standings: SetupStatus[] = [];
    for (const id of ids) {
      const standing = known.get(id) ?? (await find(id));
      if (standing) standings.push(standing);
    }
    return standings;
  };
}
