import express, { type Express } from 'express';
import expressStaticGzip from 'express-static-gzip';
import helmet from 'helmet';
import { randomUUID } from 'node:crypto';
import { resolve } from 'node:path';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import { createLedger } from '../ledger';
import { openApiRoutes } from '../routes/openapi';
import { reckonRoutes } from '../routes/reckon';
import { setupRoutes } from '../routes/setups';
import { shopRoutes } from '../routes/shop';
import type { Store } from '../store/store';
import { requireJson, sendProblem, unknownRoute } from './problem';

export interface AppOptions {
  store: Store;
  logger: Logger;
  /** Folder of the exported app; without it only the API is served. */
  staticFolder?: string | undefined;
}

const BODY_LIMIT = '256kb';

/** The whole HTTP interface: API under /api, the exported app everywhere else. */
export function createApp({ store, logger, staticFolder }: AppOptions): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(requestLog(logger));
  app.use(securityHeaders());
  app.use('/api', api(store));
  if (staticFolder !== undefined) serveExport(app, staticFolder);
  app.use(sendProblem);
  return app;
}

function api(store: Store): express.Router {
  const router = express.Router();
  router.use((_request, response, next) => {
    response.set('Cache-Control', 'no-cache');
    next();
  });
  router.use(requireJson, express.json({ limit: BODY_LIMIT }));
  router.get('/health', (_request, response) => {
    response.json({ ok: true, shop: store.kind() });
  });
  router.use(setupRoutes(store, createLedger(store)), shopRoutes(store), reckonRoutes(), openApiRoutes());
  router.use(unknownRoute);
  return router;
}

const requestLog = (logger: Logger) =>
  pinoHttp({
    logger,
    genReqId: (_request, response) => {
      const id = randomUUID();
      response.setHeader('X-Request-Id', id);
      return id;
    },
    quietReqLogger: true,
    serializers: {
      req: ({ method, url }: { method: string; url: string }) => ({ method, url }),
      res: ({ statusCode }: { statusCode: number }) => ({ statusCode }),
    },
  });

/** Scripts and connections from here only; the interface library writes its styles inline; workers start from blobs. */
const securityHeaders = () =>
  helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: ["'none'"],
        scriptSrc: ["'self'"],
        styleSrc: ["'self'", "'unsafe-inline'"],
        fontSrc: ["'self'"],
        imgSrc: ["'self'", 'data:', 'blob:'],
        connectSrc: ["'self'"],
        workerSrc: ["'self'", 'blob:'],
        manifestSrc: ["'self'"],
        baseUri: ["'none'"],
        formAction: ["'self'"],
        frameAncestors: ["'none'"],
      },
    },
    // The shop's own network speaks plain HTTP; these would only lock a phone out of it.
    strictTransportSecurity: false,
    originAgentCluster: false,
    crossOriginOpenerPolicy: false,
  });

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
