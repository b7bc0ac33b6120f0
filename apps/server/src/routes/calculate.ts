import { isCalculation } from '@zero-point/core/registry/registry';
import { Router } from 'express';
import { boundedJson } from '../http/boundedJson';
import { notFound } from '../http/problem';
import type { Workers } from '../background/workers';
import { TASKS } from '../background/tasks';

/** Ten thousand points, or the readings of a whole calibration. */
const LARGEST = '4mb';

/** A body of more than so many bytes may take long: it is worked out in another process. */
const SHORT = 4096;

/** Any calculation of the registry, without a setup and without storing anything. */
export function calculatorRoutes(workers: Workers): Router {
  const router = Router();
  router.post('/reckon/:name', boundedJson(LARGEST), async (request, response) => {
    const name = String(request.params.name);
    if (!isCalculation(name)) throw notFound('calculation', name);
    const task = { name, body: request.body as unknown };
    // What came packed says nothing of its size.
    const length = request.headers['content-encoding'] === undefined ? Number(request.headers['content-length']) : NaN;
    response.json(length <= SHORT ? TASKS.calculate(task) : await workers.run('calculate', task));
  });
  return router;
}
