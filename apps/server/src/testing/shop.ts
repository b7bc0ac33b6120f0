import { FIRST_VERSION } from '@zero-point/core/records/kinds/kind';
import { FIRST_EPOCH } from '@zero-point/core/records/values/place';
import type { NewReading } from '@zero-point/core/records/log/reading';
import type { NewZeroing } from '@zero-point/core/records/log/zeroing';
import type { ShopFile } from '@zero-point/core/records/snapshots/shopFile';
import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pino } from 'pino';
import { settleShop } from '../demo/demo';
import { createApp } from '../http/app';
import { sheetFonts } from '../sheet/fonts';
import { readMigrations } from '../store/migrations';
import { openDatabase } from '../store/openDatabase';
import { unsoundRows } from '../store/soundness/soundness';
import { inThisThread } from '../background/workers';
import { createStore } from '../store/store';

const SERVER = join(__dirname, '..', '..');

export const MIGRATIONS = join(SERVER, 'migrations');

/** Faces as their packages have them. */
export const FONTS = sheetFonts('', join(SERVER, '..', '..', 'node_modules'));

/** The demo shop, a fresh copy of its data. */
export const demoShop = (): ShopFile =>
  JSON.parse(readFileSync(join(SERVER, '..', '..', 'demo', 'shop.json'), 'utf8')) as ShopFile;

/** A file in a folder of its own. */
export const freshFile = (name = 'shop.sqlite'): string => join(mkdtempSync(join(tmpdir(), 'zero-point-')), name);

/** The whole server on a real database file, with the demo shop in it. */
export function demoServer(file = freshFile()) {
  const db = openDatabase(file, readMigrations(MIGRATIONS));
  const store = createStore(db, undefined, unsoundRows(db));
  settleShop(store, demoShop());
  return {
    file,
    db,
    store,
    app: createApp({ store, db, fonts: FONTS, workers: inThisThread, logger: pino({ level: 'silent' }) }),
  };
}

export const SETUP = 'base-plate-knee-mill';

type Touch = Extract<NewReading, { on: 'scale' }>;

/** What a test says of a touch: its text in short. */
type TouchChange = Partial<Omit<Touch, 'place'>> & { text?: string; scale?: Touch['place']['scale'] };

/** A touch of the left face, as the app sends it. */
export const leftFace = ({ text = '-5.012', scale = 'readout', ...change }: TouchChange = {}): Touch => ({
  on: 'scale',
  id: 'touch-1',
  subject: { kind: 'face', face: 'left' },
  axis: 'x',
  approach: 1,
  gaugeId: 'spring-finder-10',
  feeler: 0,
  place: { scale },
  epoch: FIRST_EPOCH,
  value: -5.012,
  source: { by: 'typed', text, unit: 'mm' },
  ticked: [],
  takenAt: '2026-11-24T09:00:00.000Z',
  ...change,
});

let saves = 0;

/** A save as the app sends it, from a version that stood. */
export const saved = <T>(body: T, began: string = FIRST_VERSION, version = `save-${(saves += 1)}`) => ({
  version,
  began,
  body,
});

/** A setting of X by the left face, as the app sends it; it opens an epoch unless told otherwise. */
export const xSet = (change: Partial<NewZeroing> = {}): NewZeroing => ({
  id: 'zero-1',
  axis: 'x',
  place: { scale: 'readout' },
  opens: 'x-2',
  began: FIRST_EPOCH,
  form: 'preset',
  subject: { kind: 'face', face: 'left' },
  value: -5,
  at: '2026-11-24T09:05:00.000Z',
  ...change,
});
