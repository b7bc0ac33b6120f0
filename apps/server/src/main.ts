import { existsSync, readFileSync } from 'node:fs';
import { createServer } from 'node:http';
import { join } from 'node:path';
import { pino } from 'pino';
import { settleShop } from './demo';
import { lastTouchedYesterday } from './demoDays';
import { createApp } from './http/app';
import { sheetFonts } from './sheet/fonts';
import { readMigrations } from './store/migrations';
import { DatabaseRefused, openDatabase } from './store/openDatabase';
import { createStore, type Store } from './store/store';

/** Settings come from the environment; each has a safe default. */
const settings = {
  host: process.env.HOST ?? '127.0.0.1',
  port: Number(process.env.PORT ?? 4747),
  database: process.env.DATABASE ?? join(process.cwd(), 'data', 'shop.sqlite'),
  demo: process.env.DEMO,
  migrations: process.env.MIGRATIONS ?? join(import.meta.dirname, 'migrations'),
  staticFolder: process.env.STATIC,
  logLevel: process.env.LOG_LEVEL ?? 'info',
};

function openShop(): Store {
  const db = openDatabase(settings.database, readMigrations(settings.migrations));
  const store = createStore(db);
  try {
    settleShop(
      store,
      settings.demo === undefined
        ? undefined
        : JSON.parse(lastTouchedYesterday(readFileSync(settings.demo, 'utf8'), new Date())),
    );
    return store;
  } catch (error) {
    db.close();
    throw error;
  }
}

function stopWith(message: string): never {
  process.stderr.write(`\n${message}\n\n`);
  process.exit(1);
}

function run(): void {
  if (!Number.isInteger(settings.port) || settings.port < 0 || settings.port > 65535) {
    stopWith(`PORT must be a whole number from 0 to 65535, not “${process.env.PORT}”.`);
  }
  const staticFolder =
    settings.staticFolder !== undefined && existsSync(settings.staticFolder) ? settings.staticFolder : undefined;
  const logger = pino({ level: settings.logLevel }, pino.destination({ dest: 2, sync: false }));
  const fonts = sheetFonts(join(import.meta.dirname, 'fonts'), join(process.cwd(), 'node_modules'));
  const store = openShop();
  const server = createServer(createApp({ store, logger, staticFolder, fonts }));

  server.on('error', (error: NodeJS.ErrnoException) => {
    if (error.code === 'EADDRINUSE') {
      stopWith(`Port ${settings.port} is taken. Stop what uses it, or choose another: PORT=4800 npm run demo`);
    }
    throw error;
  });
  server.listen(settings.port, settings.host, () => {
    const address = server.address();
    const port = typeof address === 'object' && address ? address.port : settings.port;
    const host = settings.host.includes(':') ? `[${settings.host}]` : settings.host;
    process.stdout.write(`Zero Point is at http://${host}:${port}/\n`);
  });

  const stop = () => {
    server.close(() => {
      store.close();
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
  if (error instanceof DatabaseRefused) stopWith(error.message);
  throw error;
}
