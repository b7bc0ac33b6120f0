import { isCalculation, REGISTRY, type Calculation } from '@zero-point/core/registry/registry';
import { Router } from 'express';
import { notFound, parsed } from '../http/problem';

/** Any calculation of the registry, without a set-up and without storing anything. */
export function reckonRoutes(): Router {
  const router = Router();
  router.post('/reckon/:name', (request, response) => {
    const { name } = request.params;
    if (!isCalculation(name)) throw notFound('calculation', name);
    const calculation: Calculation = REGISTRY[name];
    response.json(calculation.reckon(parsed(calculation.input, request.body)));
  });
  return router;
}
