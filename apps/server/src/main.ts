import type { Database } from 'better-sqlite3';
import { existsSync, readFileSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import { join } from 'node:path';
import { pino } from 'pino';
import { keepCopiesDaily } from './copies/keepCopies';
import { settleShop } from './demo';
import { lastTouchedYesterday } from './demoDays';
import { createApp } from './http/app';
import { answerClientError } from './http/clientError';
import { announce } from './network/announce';
import { certificatesFolder, certificatesFor } from './network/certificates';
import { createLinks } from './link/links';
import { createNetwork, ownAddresses } from './network/network';
import { createPairing } from './network/pairing';
import { readSettings, SettingRefused, type Settings } from './settings';
import { sheetFonts } from './sheet/fonts';
import { DAMAGED } from './store/databaseFault';
import { readMigrations } from './store/migrations';
import { damageOf, DatabaseRefused, holdAlone, openDamaged, openDatabase } from './store/openDatabase';
import { createStore, type Store } from './store/store';

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
  const store = createStore(db);
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

function stopWith(message: string): never {
  process.stderr.write(`\n${message}\n\n`);
  process.exit(1);
}

function run(): void {
  const settings = readSettings(process.env, import.meta.dirname);
  const staticFolder =
    settings.staticFolder !== undefined && existsSync(settings.staticFolder) ? settings.staticFolder : undefined;
  const logger = pino({ level: settings.logLevel }, pino.destination({ dest: 2, sync: false }));
  const fonts = sheetFonts(join(import.meta.dirname, 'fonts'), join(process.cwd(), 'node_modules'));
  const letGo = holdAlone(settings.database);
  const { db, store } = openShop(settings);
  const pairing = createPairing(store.devices);
  const network = createNetwork({
    pairing,
    port: () => portOf(server.address(), settings.port),
    addresses: () => settings.lanAddresses ?? ownAddresses(),
    certificates: (names) => certificatesFor(certificatesFolder(settings.database), names, new Date()),
  });
  const links = store.fault ? undefined : createLinks(store.links);
  for (const { machineId, port } of settings.demoLinks) links?.set(machineId, { over: 'tcp', host: '127.0.0.1', port });
  const app = createApp({ store, db, logger, staticFolder, fonts, doors: { network, pairing }, links });
  network.answer(app);
  const server = createServer(app);
  const stopCopies = store.fault
    ? () => undefined
    : keepCopiesDaily(db, settings.database, (error) => logger.error({ err: error }, 'no daily copy'));

  server.on('clientError', answerClientError);
  server.on('error', (error: NodeJS.ErrnoException) => {
    if (error.code === 'EADDRINUSE') {
      stopWith(`Port ${settings.port} is taken. Stop what uses it, or choose another: PORT=4800 npm run demo`);
    }
    if (error.code === 'EACCES') {
      stopWith(`Port ${settings.port} is not for everyone. Choose one above 1023: PORT=4800 npm run demo`);
    }
    if (error.code === 'EADDRNOTAVAIL' || error.code === 'ENOTFOUND') {
      stopWith(`HOST=${settings.host} is no address of this machine. Leave HOST out.`);
    }
    throw error;
  });
  server.listen(settings.port, settings.host, () => {
    const host = settings.host.includes(':') ? `[${settings.host}]` : settings.host;
    process.stdout.write(`Zero Point is at http://${host}:${portOf(server.address(), settings.port)}/\n`);
    if (settings.lan) void announce(network, pairing, (text) => process.stdout.write(text));
  });

  const stop = () => {
    stopCopies();
    links?.close();
    void network.close();
    server.close(() => {
      store.close();
      letGo();
      process.exit(0);
    });
    server.closeIdleConnections();
    // Those who only listen are told to come back later; what is being answered has a moment.
    setTimeout(() => server.closeAllConnections(), 500).unref();
  };
  process.once('SIGINT', stop);
  process.once('SIGTERM', stop);
}

try {
  run();
} catch (error) {
  if (error instanceof DatabaseRefused || error instanceof SettingRefused) stopWith(error.message);
  throw error;
}
