import type { NewReading } from '@zero-point/core/contract/ledger';
import type { ShopFile } from '@zero-point/core/contract/shopFile';
import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pino } from 'pino';
import { settleShop } from '../demo';
import { createApp } from '../http/app';
import { readMigrations } from '../store/migrations';
import { openDatabase } from '../store/openDatabase';
import { createStore } from '../store/store';

const SERVER = join(__dirname, '..', '..');

export const MIGRATIONS = join(SERVER, 'migrations');

/** The demo shop, a fresh copy of its data. */
export const demoShop = (): ShopFile =>
  JSON.parse(readFileSync(join(SERVER, '..', '..', 'demo', 'shop.json'), 'utf8')) as ShopFile;

/** A file in a folder of its own. */
export const freshFile = (name = 'shop.sqlite'): string => join(mkdtempSync(join(tmpdir(), 'zero-point-')), name);

/** The whole server on a real database file, with the demo shop in it. */
export function demoServer(file = freshFile()) {
  const db = openDatabase(file, readMigrations(MIGRATIONS));
  const store = createStore(db);
  settleShop(store, demoShop());
  return { file, db, store, app: createApp({ store, logger: pino({ level: 'silent' }) }) };
}

export const SETUP = 'base-plate-knee-mill';

/** A touch of the left face, as the app sends it. */
export const leftFace = (change: Partial<NewReading> = {}): NewReading => ({
  id: 'touch-1',
  subject: { kind: 'face', face: 'left' },
  axis: 'x',
  approach: 1,
  gaugeId: 'spring-finder-10',
  feeler: 0,
  scale: 'readout',
  epoch: 1,
  text: '-5.012',
  unit: 'mm',
  value: -5.012,
  ticked: [],
  takenAt: '2026-11-24T09:00:00.000Z',
  ...change,
});
