import { deriveState, type SetupState } from '@zero-point/core/state/basis/setupState';
import { fileHoles, patternsInHand } from '@zero-point/core/state/holes/holes';
import { positionsCsv } from '@zero-point/core/formats/holes/holesCsv';
import { readSetupFile } from '@zero-point/core/formats/setupFile';
import type { Snapshot } from '@zero-point/core/records/snapshots/snapshot';
import { REGISTRY, type Calculation, type CalculationName } from '@zero-point/core/registry/registry';
import type { ShopCheck } from '@zero-point/core/schema/shopCheck';
import { sheetOf } from '@zero-point/core/sheet/sheetOf';
import type { LogLine } from '@zero-point/core/messages/basis/logLine';
import { setupStatusOf, type SetupStatus } from '@zero-point/core/messages/status/setupStatus';
import type { MachineRepeats } from '@zero-point/core/records/snapshots/gaugeUses';
import { shopJson } from '../backup/shopJson';
import { parsedJson, refuseNested } from '../http/boundedJson';
import { orLeftOut, parseOrProblem } from '../http/problem';
import { collectMachineRepeats } from '../records/machineRepeats';
import { createRecord } from '../records/record';
import { exportSetup } from '../records/setupFile';
import type { SheetFonts } from '../sheet/fonts';
import type { Paper } from '../sheet/page';
import { sheetHtml } from '../sheet/sheetHtml';
import { sheetPdf } from '../sheet/sheetPdf';
import { logLines, type LatestReading } from '../records/shopLog';
import { fullCheck } from '../store/soundness/fullCheck';
import { openDamaged } from '../store/openDatabase';
import { createStore, type Store } from '../store/store';
import { stageSetup, takeOverStaged, type ShopOnDisk, type Staged } from './stageSetup';

/** One of its setups. */
export interface SetupOnDisk {
  shop: ShopOnDisk;
  id: string;
}

/** What a sheet is made of and how. */
interface SheetWanted {
  setup: SetupOnDisk;
  /** When it is made. */
  at: string;
  by: string;
  /** Where the server is found; the setup's own path follows. */
  origin: string;
}

function reading<T>({ file, unsound }: ShopOnDisk, work: (store: Store) => T): T {
  const db = openDamaged(file);
  try {
    return work(createStore(db, undefined, unsound));
  } finally {
    db.close();
  }
}

const bookOf = ({ shop, id }: SetupOnDisk): SetupState =>
  reading(shop, (store) => deriveState(JSON.parse(createRecord(store).snapshotText(id)) as Snapshot));

/** Books of setups, without those that stand on something left out. */
const booksOf = (shop: ShopOnDisk, ids: readonly string[]): Map<string, SetupState> =>
  reading(shop, (store) => {
    const record = createRecord(store);
    return new Map(
      [...new Set(ids)].flatMap((id) => {
        const snapshot = orLeftOut(() => record.snapshotText(id));
        return snapshot === undefined ? [] : [[id, deriveState(JSON.parse(snapshot) as Snapshot)] as const];
      }),
    );
  });

const sheetIn = ({ setup, at }: SheetWanted) => sheetOf(bookOf(setup), at);

/** What takes long enough to hold up others, by name: each a function of what can be handed to another process. */
export const TASKS = {
  calculate: ({ name, body }: { name: CalculationName; body: unknown }): unknown => {
    const calculation: Calculation = REGISTRY[name];
    return calculation.reckon(parseOrProblem(calculation.input, body));
  },
  sheetPdf: (wanted: SheetWanted & { paper: Paper; fonts: SheetFonts }): Promise<Uint8Array> => {
    const sheet = sheetIn(wanted);
    return sheetPdf(sheet, { ...wanted, link: `${wanted.origin}${sheet.path}` });
  },
  sheetHtml: (wanted: SheetWanted): Promise<string> => {
    const sheet = sheetIn(wanted);
    return sheetHtml(sheet, { by: wanted.by, link: `${wanted.origin}${sheet.path}` });
  },
  positionsCsv: (setup: SetupOnDisk): string => {
    const book = bookOf(setup);
    return positionsCsv(fileHoles(book, patternsInHand(book)), book.setup.units);
  },
  standing: (setup: SetupOnDisk): SetupStatus => setupStatusOf(bookOf(setup)),
  log: ({ shop, latest }: { shop: ShopOnDisk; latest: readonly LatestReading[] }): LogLine[] => {
    const books = booksOf(
      shop,
      latest.map(({ setupId }) => setupId),
    );
    return logLines(latest, (id) => books.get(id));
  },
  repeatability: ({ shop, gaugeId, ids }: { shop: ShopOnDisk; gaugeId: string; ids: string[] }): MachineRepeats[] =>
    collectMachineRepeats([...booksOf(shop, ids).values()], gaugeId),
  /** Reads and checks a setup's file, and opens it in a copy of the shop; what is new there is taken over by `setupFileIn`. */
  setupFileRead: ({ shop, body, to }: { shop: ShopOnDisk; body: Uint8Array; to: string }): Staged => {
    refuseNested(body);
    return stageSetup(shop, readSetupFile(parsedJson(body)), to);
  },
  /** Stores what was opened in a copy, all of it or nothing. */
  setupFileIn: ({ shop, staged }: { shop: ShopOnDisk; staged: Staged }): void => takeOverStaged(shop.file, staged),
  setupFileOut: ({ shop, id }: { shop: ShopOnDisk; id: string }): string =>
    reading(shop, (store) => JSON.stringify(exportSetup(store, createRecord(store), id))),
  shopJson: ({ shop, at }: { shop: ShopOnDisk; at: string }): string =>
    reading(shop, (store) => JSON.stringify(shopJson(store, at))),
  fullCheck: (file: string): Promise<ShopCheck> => fullCheck(file),
};

export type TaskName = keyof typeof TASKS;
export type TaskInput<N extends TaskName> = Parameters<(typeof TASKS)[N]>[0];
export type TaskOutput<N extends TaskName> = Awaited<ReturnType<(typeof TASKS)[N]>>;
