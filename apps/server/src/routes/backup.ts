import type { Database } from 'better-sqlite3';
import { Router } from 'express';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { copyWhole } from '../backup/keepCopies';
import type { ShopOnDisk } from '../background/stageSetup';
import type { Workers } from '../background/workers';
import type { ShopCheck } from '@zero-point/core/schema/shopCheck';

const named = (end: string, now: Date): string => `shop-${now.toISOString().slice(0, 10)}.${end}`;

/** A copy of the whole shop to keep elsewhere: the database itself, or all of it as open JSON; and a look through all of it. */
export function copyRoutes(db: Database, shop: ShopOnDisk, workers: Workers): Router {
  const router = Router();
  let looking: Promise<ShopCheck> | undefined;
  router.get('/shop/check', async (_request, response) => {
    // Whoever asks meanwhile is told what the same look finds.
    looking ??= workers.run('fullCheck', shop.file).finally(() => (looking = undefined));
    response.json(await looking);
  });
  router.get('/shop/copy.json', async (_request, response) => {
    const now = new Date();
    response
      .set('Content-Disposition', `attachment; filename="${named('json', now)}"`)
      .type('application/json')
      .send(await workers.run('shopJson', { shop, at: now.toISOString() }));
  });
  router.get('/shop/copy.sqlite', (_request, response, next) => {
    const folder = mkdtempSync(join(tmpdir(), 'zero-point-copy-'));
    const file = join(folder, 'shop.sqlite');
    copyWhole(db, file).then(
      () =>
        response.download(file, named('sqlite', new Date()), (error) => {
          rmSync(folder, { recursive: true, force: true });
          if (error && !response.headersSent) next(error);
        }),
      (error: unknown) => {
        rmSync(folder, { recursive: true, force: true });
        next(error);
      },
    );
  });
  return router;
}
