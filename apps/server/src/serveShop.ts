import type { Database } from 'better-sqlite3';
import { existsSync, readFileSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import { join } from 'node:path';
import { pino } from 'pino';
import { scheduleDailyCopies } from './backup/keepCopies';
import { settleShop } from './demo/demo';
import { lastTouchedYesterday } from './demo/demoDays';
import { createApp } from './http/app';
import { PATIENCE } from './http/patience';
import { answerClientError } from './http/clientError';
import { announce } from './network/announce';
import { certificatesFolder, certificatesFor } from './network/certificates';
import { createLinks } from './link/links';
import { createNetwork, ownAddresses } from './network/network';
import { createPairing } from './network/pairing';
import type { Settings } from './settings';
import { sheetFonts } from './sheet/fonts';
import { DAMAGED, HOW_TO_RESTORE } from './store/databaseFault';
import { readMigrations } from './store/migrations';
import { damageOf, DatabaseRefused, holdAlone, makeFile, openDamaged, openDatabase } from './store/openDatabase';
import { unsoundRows } from './store/soundness/soundness';
import { createWorkers } from './background/workers';
import { createStore, type Store } from './store/store';

/** A shop that is served. */
export interface ServedShop {
  url: string;
  /** Answers what is being answered, then closes; resolves once its file is free. */
  stop: () => Promise<void>;
}

/** A shop's store, and the database under it. */
interface Opened {
  db: Database;
  store: Store;
}

function openShop({ database, migrations, demo }: Settings): Opened {
  const damage = damageOf(database);
  if (damage !== undefined) {
    process.stderr.write(`\n${database} is damaged: ${damage}\nIt is opened for reading only. ${DAMAGED?.detail}\n\n`);
    return damagedStore(database);
  }
  const db = openDatabase(database, readMigrations(migrations));
  const unsound = unsoundRows(db);
  if (unsound.length > 0)
    process.stderr.write(
      `\n${database}: ${unsound.length} entries are not as they were stored. They are left out; the rest works. Settings has the full check. ${HOW_TO_RESTORE}\n`,
    );
  const store = createStore(db, undefined, unsound);
  try {
    settleShop(
      store,
      demo === undefined ? undefined : JSON.parse(lastTouchedYesterday(readFileSync(demo, 'utf8'), new Date())),
    );
    return { db, store };
  } catch (error) {
    db.close();
    throw error;
  }
}

function tryToMake(file: string): void {
  try {
    makeFile(file);
  } catch {
    // Opening it says why.
  }
}

/** What can still be read of a damaged file. @throws DatabaseRefused where not even its tables can */
function damagedStore(file: string): Opened {
  try {
    const db = openDamaged(file);
    return { db, store: createStore(db, DAMAGED) };
  } catch {
    throw new DatabaseRefused(`${file}: ${DAMAGED?.detail}`);
  }
}

const portOf = (address: ReturnType<Server['address']>, asked: number): number =>
  typeof address === 'object' && address ? address.port : asked;

/**
 * Serves a shop: its database, the app, the links and doors it may have.
 *
 * @param filesOf where the server's own files lie
 * @throws DatabaseRefused where the file cannot be opened; the listener's own error where its address cannot be had
 */
export async function serveShop(settings: Settings, filesOf: string): Promise<ServedShop> {
  const staticFolder =
    settings.staticFolder !== undefined && existsSync(settings.staticFolder) ? settings.staticFolder : undefined;
  const logger = pino({ level: settings.logLevel }, pino.destination({ dest: 2, sync: false }));
  const fonts = sheetFonts(join(filesOf, 'fonts'), join(process.cwd(), 'node_modules'));
  // Faults of making it are told as those of opening it.
  tryToMake(settings.database);
  const letGo = holdAlone(settings.database);
  const { db, store } = openShop(settings);
  const pairing = createPairing(store.devices);
  const network = createNetwork({
    pairing,
    port: () => portOf(server.address(), settings.port),
    addresses: () => settings.lanAddresses ?? ownAddresses(),
    certificates: (names) => certificatesFor(certificatesFolder(settings.database), names, new Date()),
  });
  const links = store.fault
    ? undefined
    : createLinks(store.links, { simulationKey: settings.simulationKey, hosts: settings.linkHosts });
  for (const { machineId, port } of settings.demoLinks) links?.set(machineId, { over: 'tcp', host: '127.0.0.1', port });
  const bundled = join(filesOf, 'worker.mjs');
  const workers = createWorkers(existsSync(bundled) ? bundled : join(filesOf, 'background', 'worker.ts'));
  const app = createApp({ store, db, logger, staticFolder, fonts, doors: { network, pairing }, links, workers });
  network.answer(app);
  const server = createServer(PATIENCE, app);
  const stopCopies = store.fault
    ? () => undefined
    : scheduleDailyCopies(db, settings.database, {
        onFault: (error) => logger.error({ err: error }, 'no daily copy'),
        onJump: (days) =>
          logger.warn(
            { days },
            'The clock is far from the latest daily copy. Set it right; no copy is let go until then.',
          ),
      });

  server.on('clientError', answerClientError);
  const stop = () =>
    new Promise<void>((resolve) => {
      stopCopies();
      links?.close();
      void network.close();
      void workers.close();
      server.close(() => {
        store.close();
        letGo();
        resolve();
      });
      server.closeIdleConnections();
      // Those who only listen are told to come back later; what is being answered has a moment.
      setTimeout(() => server.closeAllConnections(), 500).unref();
    });
  await new Promise<void>((resolve, reject) => {
    server.once('error', reject);
    server.listen(settings.port, settings.host, () => {
      server.off('error', reject);
      resolve();
    });
  });
  const host = settings.host.includes(':') ? `[${settings.host}]` : settings.host;
  if (settings.lan) void announce(network, pairing, (text) => process.stdout.write(text));
  return { url: `http://${host}:${portOf(server.address(), settings.port)}`, stop };
}
