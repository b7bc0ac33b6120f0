import type { Database } from 'better-sqlite3';
import express, { type Express } from 'express';
import expressStaticGzip from 'express-static-gzip';
import { existsSync, readFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import type { Logger } from 'pino';
import { createRecord } from '../records/record';
import type { Links } from '../link/links';
import type { Network } from '../network/network';
import type { Pairing } from '../network/pairing';
import { copyRoutes } from '../routes/backup';
import { linkRoutes } from '../routes/link';
import { networkRoutes, pairRoutes, trustRoutes } from '../routes/network';
import { openApiRoutes } from '../routes/openapi';
import { calculatorRoutes } from '../routes/calculate';
import { readingRoutes } from '../routes/reading';
import { recordRoutes } from '../routes/record';
import { setupFileRoutes } from '../routes/setupFile';
import { sheetRoutes } from '../routes/sheet';
import { streamRoutes } from '../routes/stream';
import type { SheetFonts } from '../sheet/fonts';
import type { Store } from '../store/store';
import type { Workers } from '../background/workers';
import { checkHost, checkOrigin } from './hostCheck';
import { requirePairing } from './paired';
import { requireJson, requireReadableAddress, sendProblem, unavailable, unknownRoute } from './problem';
import { requestLog } from './requestLog';
import { createWriteGate } from './writeGate';
import { inlineScripts, securityHeaders } from './securityHeaders';

export interface AppOptions {
  store: Store;
  /** The database under it, for copies. */
  db: Database;
  logger: Logger;
  /** Faces that sheets are printed in. */
  fonts: SheetFonts;
  /** Folder of the exported app; without it only the API is served. */
  staticFolder?: string | undefined;
  /** The shop's doors to the local network, where it may have any. */
  doors?: { network: Network; pairing: Pairing } | undefined;
  /** Where long work is done. */
  workers: Workers;
  /** Readouts and controls that are linked, where there may be any. */
  links?: Links | undefined;
}

/** So many rows that are left out are named. */
const MOST_SET_ASIDE = 20;

/** The whole HTTP interface: API under /api, the exported app everywhere else. */
export function createApp({ store, db, logger, fonts, staticFolder, doors, links, workers }: AppOptions): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(requestLog(logger));
  app.use(requireReadableAddress);
  const page = staticFolder === undefined ? '' : firstPage(staticFolder);
  app.use(securityHeaders(inlineScripts(page)), tellBuild(page));
  app.use(checkHost(doors?.network.hosts ?? (() => [])), checkOrigin);
  if (doors) app.use(requirePairing(doors.pairing), pairRoutes(doors.pairing), trustRoutes(doors.network));
  app.use('/api', api({ store, db, fonts, doors, links, workers }));
  if (staticFolder !== undefined) serveExport(app, staticFolder);
  app.use(unknownRoute);
  app.use(sendProblem(logger));
  return app;
}

function api({
  store,
  db,
  fonts,
  doors,
  links,
  workers,
}: Pick<AppOptions, 'store' | 'db' | 'fonts' | 'doors' | 'links' | 'workers'>): express.Router {
  const router = express.Router();
  router.use((_request, response, next) => {
    response.setHeader('Cache-Control', 'no-store');
    next();
  });
  const record = createRecord(store);
  if (store.fault) router.use(onlyReads(store.fault));
  const shop = { file: db.name, unsound: store.unsound };
  const gate = createWriteGate();
  router.use(
    requireJson,
    setupFileRoutes(store, record, shop, workers, gate),
    gate.pass,
    recordRoutes(record, store.lines),
    readingRoutes(store, record, shop, workers),
    sheetRoutes(record, shop, fonts, workers, doors?.network),
    streamRoutes(record, store, links),
    copyRoutes(db, shop, workers),
    ...(doors ? [networkRoutes(doors.network, doors.pairing, store.devices)] : []),
    ...(links ? [linkRoutes(links, store)] : []),
    calculatorRoutes(workers),
    openApiRoutes(),
  );
  router.get('/health', (_request, response) => {
    const { fault, unsound } = store;
    response.json({
      ok: fault === undefined,
      shop: store.kind(),
      ...(fault && { fault }),
      setAside: { count: unsound.length, rows: unsound.slice(0, MOST_SET_ASIDE) },
    });
  });
  router.use(unknownRoute);
  return router;
}

/** What is reckoned without the record can still be asked of a damaged shop; nothing is written. */
const onlyReads =
  (fault: NonNullable<Store['fault']>): express.RequestHandler =>
  ({ method, path }, _response, next) => {
    const writes = method !== 'GET' && method !== 'HEAD' && !path.startsWith('/reckon/');
    next(writes ? unavailable(fault) : undefined);
  };

/** The app's own page, as it is handed out; empty where there is none. */
function firstPage(folder: string): string {
  const page = join(folder, 'index.html');
  return existsSync(page) ? readFileSync(page, 'utf8') : '';
}

/** Names the build of the app that is served, so that a page of another one notices. */
function tellBuild(page: string): express.RequestHandler {
  const build = /<meta name="build" content="([^"]+)"/.exec(page)?.[1];
  return (request, response, next) => {
    if (build !== undefined && request.path.startsWith('/api')) response.setHeader('X-Zero-Point-Build', build);
    next();
  };
}

function serveExport(app: Express, folder: string): void {
  const hashed = /\/(_expo|assets|fonts)\//;
  const files = expressStaticGzip(folder, {
    enableBrotli: true,
    orderPreference: ['br', 'gz'],
    serveStatic: {
      setHeaders: (response, path) => {
        response.setHeader('Cache-Control', hashed.test(path) ? 'public, max-age=31536000, immutable' : 'no-cache');
      },
    },
  });
  app.use(files);
  // Every other page address is a screen of the app; a missing file of the export is not.
  app.get('/{*path}', (request, response, next) => {
    if (hashed.test(request.path)) return unknownRoute(request, response, next);
    response.set('Cache-Control', 'no-cache').sendFile('index.html', { root: resolve(folder) });
  });
}
