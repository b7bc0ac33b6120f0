import { alignment } from '@zero-point/core/contract/alignment';
import { cutPlan } from '@zero-point/core/contract/cutPlan';
import { datumPlan } from '@zero-point/core/contract/datumPlan';
import { newCheck, newReading, newStrike, newSweep, newZeroing } from '@zero-point/core/contract/ledger';
import { pattern } from '@zero-point/core/contract/pattern';
import { id as idSchema } from '@zero-point/core/contract/quantities';
import { newSetup, plan } from '@zero-point/core/contract/setup';
import { positionsCsv } from '@zero-point/core/formats/positionsCsv';
import { fileHoles, patternsInHand } from '@zero-point/core/ledger/holes';
import { Router } from 'express';
import { created, invalid, parsed } from '../http/problem';
import type { Ledger } from '../ledger';
import type { Store } from '../store/store';

/** The bench and everything of one set-up. */
export function setupRoutes(store: Store, ledger: Ledger): Router {
  const router = Router();

  // First, since it is asked for most and a router looks through its routes in order.
  router.post('/setups/:id/readings', (request, response) => {
    created(response, ledger.appendReading(request.params.id, parsed(newReading, request.body)));
  });
  router.get('/setups', (_request, response) => {
    response.json(store.setups.summaries());
  });
  router.post('/setups', (request, response) => {
    created(response, ledger.createSetup(parsed(newSetup, request.body)));
  });
  router.get('/setups/:id', (request, response) => {
    response.json(ledger.snapshot(request.params.id));
  });
  router.put('/setups/:id/plan', (request, response) => {
    response.json(ledger.changePlan(request.params.id, parsed(plan, request.body)));
  });
  router.post('/setups/:id/strikes', (request, response) => {
    created(response, ledger.appendStrike(request.params.id, parsed(newStrike, request.body)));
  });
  router.post('/setups/:id/zeroings', (request, response) => {
    created(response, ledger.appendZeroing(request.params.id, parsed(newZeroing, request.body)));
  });
  router.post('/setups/:id/checks', (request, response) => {
    created(response, ledger.appendCheck(request.params.id, parsed(newCheck, request.body)));
  });
  router.post('/setups/:id/sweeps', (request, response) => {
    created(response, ledger.appendSweep(request.params.id, parsed(newSweep, request.body)));
  });
  router.put('/setups/:id/alignments/:task', (request, response) => {
    const body = parsed(alignment, request.body);
    if (body.task !== request.params.task)
      throw invalid([{ field: 'task', message: `must be the one in the address, ${request.params.task}` }]);
    response.json(ledger.putAlignment(request.params.id, body));
  });
  router.put('/setups/:id/datum', (request, response) => {
    response.json(ledger.putDatumPlan(request.params.id, parsed(datumPlan, request.body)));
  });
  router.put('/setups/:id/cut', (request, response) => {
    response.json(ledger.putCutPlan(request.params.id, parsed(cutPlan, request.body)));
  });
  router.put('/setups/:id/patterns/:patternId', (request, response) => {
    const patternId = parsed(idSchema, request.params.patternId);
    const body = parsed(pattern, request.body);
    if (body.id !== patternId)
      throw invalid([{ field: 'id', message: `must be the one in the address, ${patternId}` }]);
    response.json(ledger.putPattern(request.params.id, body));
  });
  router.get('/setups/:id/positions.csv', (request, response) => {
    const snapshot = ledger.snapshot(request.params.id);
    const { setup } = snapshot;
    response
      .type('text/csv')
      .attachment(`${setup.id}-positions.csv`)
      .send(positionsCsv(fileHoles(snapshot, patternsInHand(snapshot)), setup.units));
  });
  return router;
}
