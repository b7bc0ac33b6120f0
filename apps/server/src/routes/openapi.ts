import { alignment } from '@zero-point/core/contract/alignment';
import { cutPlan } from '@zero-point/core/contract/cutPlan';
import { datumPlan } from '@zero-point/core/contract/datumPlan';
import { newCheck, newReading, newStrike, newSweep, newZeroing } from '@zero-point/core/contract/ledger';
import { problemDocument } from '@zero-point/core/contract/problemDocument';
import { pattern } from '@zero-point/core/contract/pattern';
import { newSetup, plan, setup, setupSummary, snapshot } from '@zero-point/core/contract/setup';
import { REGISTRY, type Calculation } from '@zero-point/core/registry';
import { Router } from 'express';
import { z } from 'zod';
import { createDocument, type ZodOpenApiPathsObject } from 'zod-openapi';
import { SHOP_COLLECTIONS, SHOP_SCHEMAS } from './shop';

const json = (schema: z.ZodType) => ({ content: { 'application/json': { schema } } });

/** Any 4xx: an RFC 9457 document that says what and how to mend it. */
const refused = {
  '4XX': {
    description: 'What was wrong, and how to mend it',
    content: { 'application/problem+json': { schema: problemDocument } },
  },
};

const answers = (description: string, schema: z.ZodType, status: '200' | '201' = '200') => ({
  responses: { [status]: { description, ...json(schema) }, ...refused },
});

const setupId = { requestParams: { path: z.object({ id: z.string() }) } };
const stored = { seq: z.number().int(), receivedAt: z.iso.datetime() };

function setupPaths(): ZodOpenApiPathsObject {
  const append = (summary: string, schema: z.ZodObject) => ({
    post: { summary, ...setupId, requestBody: json(schema), ...answers('As stored', schema.safeExtend(stored), '201') },
  });
  return {
    '/api/setups': {
      get: { summary: 'The bench', ...answers('Newest first', z.array(setupSummary)) },
      post: { summary: 'Start a set-up', requestBody: json(newSetup), ...answers('As stored', newSetup, '201') },
    },
    '/api/setups/{id}': {
      get: { summary: 'A set-up whole', ...setupId, ...answers('With all that hangs on it', snapshot) },
    },
    '/api/setups/{id}/plan': {
      put: { summary: 'Change the plan', ...setupId, requestBody: json(plan), ...answers('As stored', setup) },
    },
    '/api/setups/{id}/readings': append('Add a reading to the ledger', newReading),
    '/api/setups/{id}/strikes': append('Strike a reading out, or restore it', newStrike),
    '/api/setups/{id}/zeroings': append('Say that an axis was set', newZeroing),
    '/api/setups/{id}/checks': append('Tick or skip a step of workholding, or a whole alignment', newCheck),
    '/api/setups/{id}/sweeps': append('Add an indicator sweep read from a file', newSweep),
    '/api/setups/{id}/datum': {
      put: {
        summary: 'Say how features are found, name local datums, carry a skew',
        ...setupId,
        requestBody: json(datumPlan),
        ...answers('As stored', datumPlan),
      },
    },
    '/api/setups/{id}/cut': {
      put: {
        summary: 'Plan the cutting: order of holes, bores and their limits, facing',
        ...setupId,
        requestBody: json(cutPlan),
        ...answers('As stored', cutPlan),
      },
    },
    '/api/setups/{id}/alignments/{task}': {
      put: {
        summary: 'Say how a thing is lined up',
        requestParams: { path: z.object({ id: z.string(), task: z.string() }) },
        requestBody: json(alignment),
        ...answers('As stored', alignment),
      },
    },
    '/api/setups/{id}/patterns/{patternId}': {
      put: {
        summary: 'Put a pattern of positions',
        requestParams: { path: z.object({ id: z.string(), patternId: z.string() }) },
        requestBody: json(pattern),
        ...answers('As stored', pattern),
      },
    },
    '/api/setups/{id}/positions.csv': {
      get: {
        summary: 'All positions as CSV',
        ...setupId,
        responses: { '200': { description: 'RFC 4180', content: { 'text/csv': { schema: z.string() } } }, ...refused },
      },
    },
  };
}

function shopPaths(): ZodOpenApiPathsObject {
  return Object.fromEntries(
    SHOP_COLLECTIONS.flatMap((collection) => {
      const schema = SHOP_SCHEMAS[collection];
      const one = answers('As stored', schema);
      return [
        [`/api/${collection}`, { get: { summary: `All ${collection}`, ...answers('By name', z.array(schema)) } }],
        [
          `/api/${collection}/{id}`,
          {
            get: { summary: `One of the ${collection}`, ...setupId, ...one },
            put: { summary: `Add or replace one of the ${collection}`, ...setupId, requestBody: json(schema), ...one },
          },
        ],
      ];
    }),
  );
}

function reckonPaths(): ZodOpenApiPathsObject {
  return Object.fromEntries(
    Object.values<Calculation>(REGISTRY).map(({ name, summary, input, output }) => [
      `/api/reckon/${name}`,
      { post: { summary, requestBody: json(input), ...answers('With its tape, uncertainty and cautions', output) } },
    ]),
  );
}

/** The interface described from the very schemas that check it. */
export function openApiDocument() {
  return createDocument({
    openapi: '3.1.0',
    info: {
      title: 'Zero Point',
      version: '1',
      description: 'Lengths in millimetres, angles in degrees counter-clockwise, coordinates as ISO 841 has them.',
    },
    paths: { ...setupPaths(), ...shopPaths(), ...reckonPaths() },
  });
}

export function openApiRoutes(): Router {
  const router = Router();
  const document = JSON.stringify(openApiDocument());
  router.get('/openapi.json', (_request, response) => {
    response.type('application/json').send(document);
  });
  return router;
}
