import { Router } from 'express';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { boundedBytes } from '../http/boundedJson';
import type { WriteGate } from '../http/writeGate';
import { created } from '../http/problem';
import type { ShopRecord } from '../records/record';
import type { Store } from '../store/store';
import type { ShopOnDisk } from '../background/stageSetup';
import type { Workers } from '../background/workers';

/** A setup of 50 000 readings is about so large. */
const LARGEST = '40mb';

/** A whole setup out to a file, and in from one. */
export function setupFileRoutes(
  store: Store,
  record: ShopRecord,
  shop: ShopOnDisk,
  workers: Workers,
  gate: WriteGate,
): Router {
  const router = Router();
  router.get('/setups/:id/file', async (request, response) => {
    const id = String(request.params.id);
    record.setupOf(id);
    response
      .set('Content-Disposition', `attachment; filename="${id}.json"`)
      .type('application/json')
      .send(await workers.run('setupFileOut', { shop, id }));
  });
  router.post('/setup-files', boundedBytes(LARGEST), async (request, response) => {
    const body = Buffer.isBuffer(request.body) ? request.body : Buffer.alloc(0);
    const folder = mkdtempSync(join(tmpdir(), 'zero-point-file-'));
    try {
      const staged = await workers.run('setupFileRead', { shop, body, to: join(folder, 'copy.sqlite') });
      // Others log meanwhile, but for the moment in which it is taken over.
      await gate.closedFor(() => workers.run('setupFileIn', { shop, staged }));
      store.tallies.imported(staged.id);
      record.tell(staged.id);
      record.tell('');
      created(response, { id: staged.id });
    } finally {
      rmSync(folder, { recursive: true, force: true });
    }
  });
  return router;
}
