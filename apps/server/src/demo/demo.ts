import {
  DOCUMENT_KINDS,
  DOCUMENT_NAMES,
  ROW_KINDS,
  ROW_NAMES,
  type BodyOf,
  type DocumentName,
} from '@zero-point/core/records/kinds/kinds';
import { FIRST_VERSION } from '@zero-point/core/records/kinds/kind';
import { shopFile, type ShopFile } from '@zero-point/core/records/snapshots/shopFile';
import { createRecord, type ShopRecord } from '../records/record';
import { DatabaseRefused } from '../store/openDatabase';
import type { Store } from '../store/store';

export type Lists = Record<string, readonly unknown[] | undefined>;

/** Documents are saved first, since rows name them; settings before readings, which stand on the zeros they open. */
export function loadLists(record: ShopRecord, of: 'shop' | 'setup', setupId: string, lists: Lists): void {
  for (const name of DOCUMENT_NAMES.filter((one) => DOCUMENT_KINDS[one].of === of)) {
    const { collection, key } = DOCUMENT_KINDS[name];
    for (const body of lists[collection] ?? []) {
      const own = (key as (body: unknown) => string)(body);
      record.save(name, setupId, own, {
        version: FIRST_VERSION,
        began: FIRST_VERSION,
        body: body as BodyOf<DocumentName>,
      });
    }
  }
  const order = ROW_NAMES.filter((name) => ROW_KINDS[name].of === of).sort((a, b) => turn(a) - turn(b));
  for (const name of order)
    for (const body of lists[ROW_KINDS[name].collection] ?? []) record.append(name, setupId, body as never);
}

const turn = (name: string): number => ['zeroing', 'reading'].indexOf(name) >>> 0;

/**
 * Fills a new database with a shop given as data, checked and stored by the rules every request goes through.
 *
 * @throws ZodError when the data is not as the contract has it
 */
export function loadShop(store: Store, data: unknown): void {
  const shop: ShopFile = shopFile.parse(data);
  store.write(() => {
    loadLists(createRecord(store), 'shop', '', shop as unknown as Lists);
    for (const { setup, ...lists } of shop.setups) {
      const record = createRecord(store, () => setup.createdAt);
      record.createSetup(setup);
      loadLists(record, 'setup', setup.id, lists as unknown as Lists);
    }
  });
}

/**
 * Makes sure a database is the shop asked for: a new one is filled or marked, the other kind refused. What it is, is
 * read inside the transaction that marks it, so that of two that start at once only the first fills it.
 *
 * @throws DatabaseRefused when the demo is asked for on a person's own shop, or the other way round
 */
export function settleShop(store: Store, demo: unknown): void {
  const wanted = demo === undefined ? 'own' : 'demo';
  store.write(() => {
    const kind = store.kind();
    if (kind !== undefined && kind !== wanted) {
      throw new DatabaseRefused(
        wanted === 'demo'
          ? 'This database is your own shop. The demo is never loaded into it; name another file with DATABASE.'
          : 'This database is the demo shop. Your own shop needs a file of its own; name another with DATABASE.',
      );
    }
    if (kind === wanted) return;
    store.setKind(wanted);
    if (demo !== undefined) loadShop(store, demo);
  });
}
