import type { DocumentEntry } from '@zero-point/core/records/kinds/entry';
import { FIRST_VERSION, NO_VERSION } from '@zero-point/core/records/kinds/kind';
import type { DocumentName } from '@zero-point/core/records/kinds/kinds';
import { withEntries } from '@zero-point/core/records/kinds/merge';
import type { SetupSummary } from '@zero-point/core/records/snapshots/snapshot';
import { startSnapshot, type ShopSummary } from '@zero-point/core/records/snapshots/startSnapshot';
import { uuidv7 } from 'uuidv7';
import { scheduleCacheCopy } from '../../cache/cacheCopy';
import { isBench } from '../../api/setupList';
import { kept, seenLast } from '../../cache/cachedResponse';
import type { Shop } from '../../api/queries';
import { benchKey, queryClient, setupKey } from '../../api/queryClient';
import { useOutbox } from '../../stores/outbox';
import type { Made } from './startSetup';

/** What is sent to start it: the new things first, then the plan that names them. */
export function startEntries({ setup, machine, part, gauges }: Made): DocumentEntry[] {
  const { id, createdAt: _, ...plan } = setup;
  const thing = (kind: DocumentName, body: { id: string }) =>
    // Under its own id, so that one that reached the server by the other way is the same save.
    ({ kind, setupId: '', version: body.id, began: FIRST_VERSION, body }) as DocumentEntry;
  return [
    ...(machine ? [thing('machine', machine)] : []),
    ...(part ? [thing('part', part)] : []),
    ...gauges.map((gauge) => thing('gauge', gauge)),
    { kind: 'plan', setupId: id, version: uuidv7(), began: NO_VERSION, body: plan },
  ];
}

/**
 * Starts a setup on this device while the server is away. It waits with all that is logged in it, and is sent, in order,
 * when the server is back.
 *
 * @param shop as this device last saw it
 * @throws when the device has no room
 */
export function startAway(made: Made, shop: Shop & ShopSummary): void {
  const { setup } = made;
  const entries = startEntries(made);
  const bare = startSnapshot({ ...setup, changedAt: setup.createdAt }, shop);
  const snapshot = withEntries(bare, entries);
  // First of all: a device without room refuses here, and then nothing was begun.
  for (const entry of entries) useOutbox.getState().log(entry);
  queryClient.setQueryData(setupKey(setup.id), snapshot);
  scheduleCacheCopy(setup.id);
  const line: SetupSummary = {
    id: setup.id,
    name: setup.name,
    machine: snapshot.machine.name,
    part: snapshot.part.name,
    purpose: setup.purpose,
    changedAt: setup.createdAt,
    readings: 0,
    set: [],
    patterns: 0,
  };
  queryClient.setQueryData<SetupSummary[]>(benchKey, (bench = seenLast('bench', isBench)) =>
    kept('bench')([line, ...(bench ?? [])]),
  );
}
