import { readSetupFile } from '@zero-point/core/formats/setupFile';
import { Router } from 'express';
import { boundedJson } from '../http/boundedJson';
import { created } from '../http/problem';
import type { ShopRecord } from '../record';
import { exportSetup, importSetup } from '../setupFile';
import type { Store } from '../store/store';

/** A set-up of 50 000 readings is about so large. */
const LARGEST = '40mb';

/** A whole set-up out to a file, and in from one. */
export function setupFileRoutes(store: Store, record: ShopRecord): Router {
  const router = Router();
  router.get('/setups/:id/file', (request, response) => {
    const file = exportSetup(store, record, String(request.params.id));
    response
      .set('Content-Disposition', `attachment; filename="${String(request.params.id)}.json"`)
      .type('application/json')
      .send(JSON.stringify(file));
  });
  router.post('/setup-files', boundedJson(LARGEST), (request, response) => {
    created(response, { id: importSetup(store, readSetupFile(request.body)) });
  });
  return router;
}
