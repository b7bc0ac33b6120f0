import { openBook } from '@zero-point/core/book/book';
import { fileHoles, patternsInHand } from '@zero-point/core/book/holes';
import { positionsCsv } from '@zero-point/core/formats/positionsCsv';
import { readSetupFile } from '@zero-point/core/formats/setupFile';
import type { Snapshot } from '@zero-point/core/record/snapshot';
import { REGISTRY, type Calculation, type CalculationName } from '@zero-point/core/registry/registry';
import type { ShopCheck } from '@zero-point/core/schema/shopCheck';
import { sheetOf } from '@zero-point/core/sheet/sheetOf';
import type { LogLine } from '@zero-point/core/words/logLine';
import { standingOf, type Standing } from '@zero-point/core/words/standing';
import type { MachineRepeats } from '@zero-point/core/record/gaugeUses';
import { shopJson } from '../copies/shopJson';
import { parsedJson, refuseNested } from '../http/boundedJson';
import { parsed } from '../http/problem';
import { machineRepeats } from '../machineRepeats';
import { createRecord } from '../record';
import { exportSetup, importSetup } from '../setupFile';
import type { SheetFonts } from '../sheet/fonts';
import type { Paper } from '../sheet/page';
import { sheetHtml } from '../sheet/sheetHtml';
import { sheetPdf } from '../sheet/sheetPdf';
import { logLines, type LatestReading } from '../shopLog';
import { fullCheck } from '../store/fullCheck';
import { openDamaged, openToWrite } from '../store/openDatabase';
import type { UnsoundRow } from '../store/soundness';
import { createStore, type Store } from '../store/store';

/** A shop's file, to be read from in another process. */
export interface ShopOnDisk {
  file: string;
  unsound: readonly UnsoundRow[];
}

/** What a sheet is made of and how. */
interface SheetWanted {
  /** The setup whole, as JSON. */
  snapshot: string;
  /** When it is made. */
  at: string;
  by: string;
  /** Where the server is found; the setup's own path follows. */
  origin: string;
}

const bookOf = (snapshot: string) => openBook(JSON.parse(snapshot) as Snapshot);

const sheetIn = ({ snapshot, at }: SheetWanted) => sheetOf(bookOf(snapshot), at);

function reading<T>({ file, unsound }: ShopOnDisk, work: (store: Store) => T): T {
  const db = openDamaged(file);
  try {
    return work(createStore(db, undefined, unsound));
  } finally {
    db.close();
  }
}

/** What takes long enough to hold up others, by name: each a function of what can be handed to another process. */
export const TASKS = {
  calculate: ({ name, body }: { name: CalculationName; body: unknown }): unknown => {
    const calculation: Calculation = REGISTRY[name];
    return calculation.reckon(parsed(calculation.input, body));
  },
  sheetPdf: (wanted: SheetWanted & { paper: Paper; fonts: SheetFonts }): Promise<Uint8Array> => {
    const sheet = sheetIn(wanted);
    return sheetPdf(sheet, { ...wanted, link: `${wanted.origin}${sheet.path}` });
  },
  sheetHtml: (wanted: SheetWanted): Promise<string> => {
    const sheet = sheetIn(wanted);
    return sheetHtml(sheet, { by: wanted.by, link: `${wanted.origin}${sheet.path}` });
  },
  positionsCsv: (snapshot: string): string => {
    const book = bookOf(snapshot);
    return positionsCsv(fileHoles(book, patternsInHand(book)), book.setup.units);
  },
  standing: (snapshot: string): Standing => standingOf(bookOf(snapshot)),
  log: ({
    latest,
    snapshots,
  }: {
    latest: readonly LatestReading[];
    snapshots: ReadonlyMap<string, string>;
  }): LogLine[] =>
    logLines(latest, (id) => {
      const snapshot = snapshots.get(id);
      return snapshot === undefined ? undefined : bookOf(snapshot);
    }),
  repeatability: ({ gaugeId, snapshots }: { gaugeId: string; snapshots: readonly string[] }): MachineRepeats[] =>
    machineRepeats(snapshots.map(bookOf), gaugeId),
  /** Stores a set-up's file in the shop, all of it or nothing. @returns its id */
  setupFileIn: ({ shop, body }: { shop: ShopOnDisk; body: Uint8Array }): string => {
    refuseNested(body);
    const file = readSetupFile(parsedJson(body));
    const db = openToWrite(shop.file);
    try {
      return importSetup(createStore(db, undefined, shop.unsound), file);
    } finally {
      db.close();
    }
  },
  setupFileOut: ({ shop, id }: { shop: ShopOnDisk; id: string }): string =>
    reading(shop, (store) => JSON.stringify(exportSetup(store, createRecord(store), id))),
  shopJson: ({ shop, at }: { shop: ShopOnDisk; at: string }): string =>
    reading(shop, (store) => JSON.stringify(shopJson(store, at))),
  fullCheck: (file: string): Promise<ShopCheck> => fullCheck(file),
};

export type TaskName = keyof typeof TASKS;
export type TaskInput<N extends TaskName> = Parameters<(typeof TASKS)[N]>[0];
export type TaskOutput<N extends TaskName> = Awaited<ReturnType<(typeof TASKS)[N]>>;
