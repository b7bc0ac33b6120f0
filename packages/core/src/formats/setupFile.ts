import { z } from 'zod';
import { Refusal } from '../problem/problem';
import { kindVersions, ofNewerKinds, ofOlderKinds } from '../records/kinds/kindVersions';
import { shopFile, type ShopFile } from '../records/snapshots/shopFile';

/** A whole setup as one file: everything it needs of its shop, its documents and its log. */
export interface SetupFile {
  format: 'zero-point-setup';
  version: 1;
  /** The version of every kind it was written by. */
  kinds: Record<string, number>;
  shop: ShopFile;
}

/** Puts a setup's part of a shop into a file. */
export const setupFile = (shop: ShopFile): SetupFile => ({
  format: 'zero-point-setup',
  version: 1,
  kinds: kindVersions(),
  shop,
});

const envelope = z.looseObject({
  format: z.literal('zero-point-setup'),
  version: z.number(),
  kinds: z.record(z.string(), z.number()),
  shop: z.looseObject({ setups: z.array(z.looseObject({})).length(1) }),
});

const refuse = (code: string, message: string): Refusal => new Refusal({ code, field: 'file', message });

/**
 * A setup's file as this program has it; everything is checked.
 *
 * @throws Refusal of another file, of one that a newer program or one never released wrote, of one that is damaged: naming the place
 */
export function readSetupFile(data: unknown): ShopFile {
  const read = envelope.safeParse(data);
  if (!read.success)
    throw refuse(
      'not-a-setup',
      'This file is not a Zero Point setup. Choose one saved under Setup sheet as a whole setup.',
    );
  const { version, kinds, shop } = read.data;
  if (version > 1 || ofNewerKinds(kinds))
    throw refuse('newer', 'A newer Zero Point wrote this file. Bring this one up to date, then open it again.');
  if (ofOlderKinds(kinds))
    throw refuse(
      'older',
      'A Zero Point of before the first release wrote this file, and it cannot be opened any more.',
    );
  const checked = shopFile.safeParse(shop);
  if (checked.success) return checked.data;
  const [issue] = checked.error.issues;
  throw refuse(
    'damaged',
    `The file is damaged at ${issue?.path.join('.') ?? 'its beginning'}: it ${issue?.message ?? 'cannot be read'}. Save it again where it came from.`,
  );
}

/** Fields that name a thing of the shop by its id. */
const NAMES = new Set([
  'machineId',
  'partId',
  'gaugeId',
  'finderId',
  'heightGaugeId',
  'cutterId',
  'holdingId',
  'master',
  'bar',
]);

/**
 * A shop with some of its things under other ids, wherever they are named: for a shop that has others under the same.
 *
 * @param names old id to new, of machines, parts, gauges, cutters and lists
 */
export function withOtherIds(shop: ShopFile, names: ReadonlyMap<string, string>): ShopFile {
  if (names.size === 0) return shop;
  const other = (value: unknown, key: string, own: boolean): unknown => {
    if (typeof value === 'string') return own || NAMES.has(key) ? (names.get(value) ?? value) : value;
    if (Array.isArray(value)) return value.map((one) => other(one, key, false));
    if (typeof value !== 'object' || value === null) return value;
    return Object.fromEntries(Object.entries(value).map(([name, one]) => [name, other(one, name, false)]));
  };
  // A thing's own id stands at its head; ids further down are of other things.
  const renamedThing = (thing: object): object =>
    Object.fromEntries(Object.entries(thing).map(([name, one]) => [name, other(one, name, name === 'id')]));
  const OWN = ['machines', 'parts', 'gauges', 'cutters', 'magazines', 'holdings', 'tables'];
  return Object.fromEntries(
    Object.entries(shop).map(([collection, list]) => [
      collection,
      (list as object[]).map((one) =>
        OWN.includes(collection) ? renamedThing(one) : (other(one, '', false) as object),
      ),
    ]),
  ) as unknown as ShopFile;
}
