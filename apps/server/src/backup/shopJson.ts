import { kindVersions } from '@zero-point/core/records/kinds/kindVersions';
import { type BackedDocument, type BackedRow, type ShopBackup } from '@zero-point/core/formats/shopBackup';
import { DOCUMENT_KINDS, DOCUMENT_NAMES } from '@zero-point/core/records/kinds/kinds';
import type { Store } from '../store/store';
import { backupSum } from './backupSum';

/**
 * A whole shop on one state of its database: documents by kind in the order they were added, then every row in the order it
 * was received.
 */
export function shopJson(store: Store, madeAt: string): ShopBackup {
  return store.read(() => {
    const setups = store.setups.all();
    const owners = ['', ...setups.map(({ id }) => id)];
    const documents = owners.flatMap((setupId) =>
      DOCUMENT_NAMES.filter((name) => (DOCUMENT_KINDS[name].of === 'shop') === (setupId === '')).flatMap((kind) =>
        store.documents.all(kind, setupId).map(({ key, version, savedAt, body }): BackedDocument => ({
          kind,
          setupId,
          key,
          version,
          at: savedAt,
          body,
        })),
      ),
    );
    const rows = [
      ...store.entries.all(),
      ...setups.flatMap(({ id }) => store.readings.ofSetup(id).map((row) => ({ ...row, kind: 'reading' as const }))),
    ]
      .sort((a, b) => a.seq - b.seq)
      .map(({ kind, setupId, receivedAt, body }): BackedRow => ({ kind, setupId, at: receivedAt, body }));
    const record = [...documents, ...rows];
    return {
      format: 'zero-point-shop',
      version: 1,
      madeAt,
      shop: store.kind() ?? 'own',
      kinds: kindVersions(),
      count: record.length,
      sha256: backupSum({ setups, record }),
      setups,
      record,
    };
  });
}
