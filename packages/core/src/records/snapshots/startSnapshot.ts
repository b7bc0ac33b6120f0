import type { DocumentEntry } from '../kinds/entry';
import { DOCUMENT_KINDS, DOCUMENT_NAMES, ROW_NAMES, ROW_KINDS } from '../kinds/kinds';
import { keyOf } from '../kinds/merge';
import type { Setup } from '../setup/plan';
import { documentKey, type Snapshot } from './snapshot';

/** The shop as the server tells it: a list of every kind of thing under the kind's own collection, calibrations beside. */
export interface ShopSummary extends Pick<Snapshot, 'calibrations' | 'repeatability' | 'versions'> {
  [collection: string]: unknown;
}

/**
 * A setup as it begins, nothing touched yet: the same that the server would tell of it, made of the shop alone. So a
 * device can begin one while the server is away. Lengths mm.
 *
 * @param setup what was decided before the first touch
 * @param shop as it was last seen, with what is new in it
 * @returns its place in the record is 0: the server has it to tell whole
 */
export function startSnapshot(setup: Setup, shop: ShopSummary): Snapshot {
  const fields: Record<string, unknown> = {};
  const versions: Record<string, string> = {};
  for (const { field } of ROW_NAMES.map((name) => ROW_KINDS[name])) fields[field] = [];
  for (const name of DOCUMENT_NAMES) {
    const { of, shows, field, collection, empty } = DOCUMENT_KINDS[name];
    const list = of === 'shop' ? ((shop[collection] ?? []) as unknown[]) : [];
    const named = list.map((body) => ({ key: keyOf({ kind: name, body } as DocumentEntry), body }));
    const own = shows === 'of-machine' ? setup.machineId : shows === 'of-part' ? setup.partId : undefined;
    const shown = own === undefined ? named : named.filter(({ key }) => key === own);
    for (const { key } of shown) {
      const version = shop.versions[documentKey(name, key)];
      if (version !== undefined) versions[documentKey(name, key)] = version;
    }
    fields[field] = shows === 'all' ? shown.map(({ body }) => body) : (shown[0]?.body ?? empty);
  }
  const { strikes: _, reckonings: _apart, ...rest } = fields;
  return {
    ...(rest as unknown as Snapshot),
    calibrations: shop.calibrations,
    setup,
    versions,
    seq: 0,
    repeatability: shop.repeatability,
  };
}
