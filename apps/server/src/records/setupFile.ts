import { sameBody } from './sameBody';
import { setupFile, withOtherIds, type SetupFile } from '@zero-point/core/formats/setupFile';
import type { Calibrated, NewCalibration } from '@zero-point/core/records/shop/calibration';
import {
  DOCUMENT_KINDS,
  DOCUMENT_NAMES,
  ROW_KINDS,
  ROW_NAMES,
  type DocumentName,
} from '@zero-point/core/records/kinds/kinds';
import type { ShopFile } from '@zero-point/core/records/snapshots/shopFile';
import { loadLists, type Lists } from '../demo/demo';
import { conflict } from '../http/problem';
import { createRecord, type ShopRecord } from './record';
import type { Store } from '../store/store';

/** Everything a setup needs, as one file: what it names of the shop with all that was found of it, and its own log. */
export function exportSetup(store: Store, record: ShopRecord, id: string): SetupFile {
  return store.read(() => {
    const { changedAt: _, ...setup } = record.setupOf(id);
    const own: Record<string, unknown[]> = {};
    for (const name of DOCUMENT_NAMES)
      if (DOCUMENT_KINDS[name].of === 'setup' && name !== 'plan')
        own[DOCUMENT_KINDS[name].collection] = store.documents.all(name, id).map(({ body }) => body);
    for (const name of ROW_NAMES) if (ROW_KINDS[name].of === 'setup') own[ROW_KINDS[name].collection] = [];
    own.readings = store.readings.ofSetup(id).map(({ body }) => body);
    for (const { kind, body } of store.entries.ofSetup(id)) own[ROW_KINDS[kind].collection]?.push(body);
    const things = (name: DocumentName): { id: string }[] =>
      store.documents.all(name).map(({ body }) => body as { id: string });
    const only = (name: DocumentName, ids: ReadonlySet<string>) => things(name).filter((one) => ids.has(one.id));
    const machine = new Set([setup.machineId]);
    const magazine = only('magazine', machine) as { id: string; tools?: { cutterId: string }[] }[];
    const text = JSON.stringify([setup, own]);
    // A gauge or cutter is named somewhere in the setup's own record.
    const named = (name: DocumentName) => things(name).filter(({ id: one }) => text.includes(JSON.stringify(one)));
    const gauges = named('gauge');
    const held = new Set(magazine.flatMap(({ tools = [] }) => tools.map(({ cutterId }) => cutterId)));
    const cutters = things('cutter').filter(({ id: one }) => held.has(one) || text.includes(JSON.stringify(one)));
    const known = new Set([...gauges, ...cutters].map(({ id: one }) => one));
    const isOf = (of: Calibrated): boolean =>
      of.kind === 'gauge'
        ? known.has(of.gaugeId)
        : of.kind === 'cutter'
          ? known.has(of.cutterId)
          : machine.has(of.machineId);
    const shop: Record<string, unknown[]> = {};
    for (const name of DOCUMENT_NAMES)
      if (DOCUMENT_KINDS[name].of === 'shop') shop[DOCUMENT_KINDS[name].collection] = [];
    for (const name of ROW_NAMES) if (ROW_KINDS[name].of === 'shop') shop[ROW_KINDS[name].collection] = [];
    Object.assign(shop, {
      machines: only('machine', machine),
      parts: only('part', new Set([setup.partId])),
      holdings: only('holding', new Set([setup.holdingId])),
      tables: only('toolTable', machine),
      magazines: magazine,
      gauges,
      cutters,
      calibrations: store.entries
        .ofShop()
        .flatMap(({ kind, body }) => (kind === 'calibration' && isOf((body as NewCalibration).of) ? [body] : [])),
    });
    return setupFile({ ...shop, setups: [{ setup, ...own }] } as unknown as ShopFile);
  });
}

/** Collections whose things have an id of their own that others name. */
const THINGS = ['machine', 'part', 'gauge', 'cutter', 'holding'] as const;

/** Kept under a machine's id. */
const OF_MACHINE = ['magazine', 'toolTable'] as const;

/**
 * Opens a setup's file in a shop: what the shop has already stays; what it has otherwise under the same id comes in beside
 * it under a new one. All of it or nothing.
 *
 * @returns the setup's id
 * @throws HttpProblem 409 where the setup is here already, 422 where the file breaks a rule of the record
 */
export function importSetup(store: Store, file: ShopFile): string {
  try {
    return store.write(() => open(store, file));
  } catch (error) {
    // What was counted on the way was taken back with the rest.
    store.tallies.forget();
    throw error;
  }
}

function open(store: Store, file: ShopFile): string {
  const [first] = file.setups;
  if (!first) throw conflict('The file holds no setup.');
  if (store.setups.get(first.setup.id))
    throw conflict(`The setup “${first.setup.name}” is here already. Nothing was changed.`);
  const names = new Map<string, string>();
  const at = (name: DocumentName, id: string) => store.documents.get(name, '', id)?.body;
  const lists = file as unknown as Record<string, { id: string }[]>;
  for (const name of THINGS)
    for (const thing of lists[DOCUMENT_KINDS[name].collection] ?? []) {
      const here = at(name, thing.id);
      const machineLists =
        name === 'machine' &&
        OF_MACHINE.some((of) => {
          const sent = lists[DOCUMENT_KINDS[of].collection]?.find(({ id }) => id === thing.id);
          const kept = at(of, thing.id);
          return sent !== undefined && kept !== undefined && !sameBody(kept, sent);
        });
      if (here !== undefined && (!sameBody(here, thing) || machineLists))
        names.set(thing.id, freeId(store, name, thing.id));
    }
  const shop = withOtherIds(file, names);
  const record = createRecord(store);
  loadLists(record, 'shop', '', newcomers(store, shop) as Lists);
  const [{ setup, ...own }] = shop.setups as [(typeof shop.setups)[number]];
  const then = createRecord(store, () => setup.createdAt);
  then.createSetup(setup);
  loadLists(then, 'setup', setup.id, own as unknown as Lists);
  return setup.id;
}

/** The first id of this name that the shop has not. */
function freeId(store: Store, name: DocumentName, id: string): string {
  for (let i = 2; ; i += 1) {
    const next = `${id.slice(0, 56)}-${i}`;
    if (!store.documents.has(name, '', next)) return next;
  }
}

/** What the shop has not yet: documents that are new, and rows under ids that say nothing else here. */
function newcomers(store: Store, shop: ShopFile): Record<string, unknown[]> {
  const lists = { ...(shop as unknown as Record<string, { id: string }[]>) };
  for (const name of DOCUMENT_NAMES) {
    const { of, collection } = DOCUMENT_KINDS[name];
    if (of === 'shop')
      lists[collection] = (lists[collection] ?? []).filter(({ id }) => !store.documents.has(name, '', id));
  }
  lists.calibrations = (lists.calibrations ?? []).map((row) => {
    const here = store.entries.get(row.id);
    return here && !sameBody(here.body, row) ? { ...row, id: `${row.id.slice(0, 54)}-${store.lastSeq()}` } : row;
  });
  const { setups: _, ...things } = lists;
  return things;
}
