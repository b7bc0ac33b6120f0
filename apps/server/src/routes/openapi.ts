import { linkAddress } from '@zero-point/core/link/address';
import { deviceCommand } from '@zero-point/core/link/message';
import { shopBackup } from '@zero-point/core/formats/shopBackup';
import { BODIES } from '@zero-point/core/records/kinds/schemas';
import { savedBody } from '@zero-point/core/records/kinds/entry';
import { DOCUMENT_KINDS, DOCUMENT_NAMES, ROW_KINDS, ROW_NAMES } from '@zero-point/core/records/kinds/kinds';
import { newSetup } from '@zero-point/core/records/setup/plan.schema';
import { setupSummary } from '@zero-point/core/records/snapshots/snapshot.schema';
import { shopCheck } from '@zero-point/core/schema/shopCheck';
import { problemDocument } from '@zero-point/core/schema/problemDocument';
import { REGISTRY, type Calculation } from '@zero-point/core/registry/registry';
import { dueLine } from '@zero-point/core/messages/gauges/dueList';
import { gaugeUses, machineRepeats } from '@zero-point/core/records/snapshots/gaugeUses';
import { logLine } from '@zero-point/core/messages/basis/logLine';
import { setupStatus } from '@zero-point/core/messages/status/setupStatus';
import { Router } from 'express';
import { z } from 'zod';
import { createDocument, type ZodOpenApiPathsObject } from 'zod-openapi';
import { linkBody } from './link';
import { SHOP_DOCUMENTS } from './reading';
import { documentPath, rowPath } from './record';
import { sheetQuery } from './sheet';
import { streamQuery } from './stream';

const json = (schema: z.ZodType) => ({ content: { 'application/json': { schema } } });

/** Any 4xx: an RFC 9457 document that says what and how to mend it. */
const refused = {
  '4XX': {
    description: 'What was wrong, and how to mend it',
    content: { 'application/problem+json': { schema: problemDocument } },
  },
};

/** A link as it stands; what was heard of its device besides. */
const link = z.looseObject({
  machineId: z.string(),
  address: linkAddress,
  state: z.enum(['away', 'quiet', 'live']),
  reason: z.string().optional(),
});

const answers = (description: string, schema: z.ZodType, status: '200' | '201' | '202' = '200') => ({
  responses: { [status]: { description, ...json(schema) }, ...refused },
});

const stored = z.object({ seq: z.number().int(), receivedAt: z.iso.datetime() });

const address = (path: string): string => `/api${path.replaceAll(/:(\w+)/g, '{$1}')}`;

/** What stands in braces in an address. */
const asked = (path: string) => {
  const names = [...path.matchAll(/:(\w+)/g)].flatMap(([, name]) => name ?? []);
  return names.length === 0
    ? {}
    : { requestParams: { path: z.object(Object.fromEntries(names.map((name) => [name, z.string()]))) } };
};

/** What a device says of an entry beside it: where it is among those it logged. */
const order = z.object({
  'Zero-Point-Order': z
    .string()
    .regex(/^[\w-]{1,64} \d{1,15}$/)
    .optional()
    .meta({
      description: 'A line of one’s own and the entry’s number in it, as `a-line 12`: stored in that order alone',
    }),
});

/** An address under which an entry is stored. */
const storing = (path: string) => {
  const { requestParams } = asked(path) as { requestParams?: { path: z.ZodObject } };
  return { requestParams: { ...requestParams, header: order } };
};

/** Every kind of entry, by what its descriptor says. */
function recordPaths(): ZodOpenApiPathsObject {
  const rows = ROW_NAMES.map((name) => {
    const { summary } = ROW_KINDS[name];
    const schema = BODIES[name] as z.ZodType;
    const path = rowPath(name);
    return [
      address(path),
      {
        post: {
          summary,
          ...storing(path),
          requestBody: json(schema),
          ...answers('As stored, with its place in the record', z.intersection(schema, stored), '201'),
        },
      },
    ] as const;
  });
  const documents = DOCUMENT_NAMES.map((name) => {
    const { summary, of, title } = DOCUMENT_KINDS[name];
    const schema = BODIES[name] as z.ZodType;
    const path = documentPath(name);
    const saved = savedBody(schema);
    const put = { summary, ...storing(path), requestBody: json(saved), ...answers('As stored', saved) };
    const one = { summary: `One ${title}`, ...asked(path), ...answers('As stored', schema) };
    return [address(path), of === 'shop' ? { put, get: one } : { put }] as const;
  });
  const lists = SHOP_DOCUMENTS.map((name) => {
    const { collection } = DOCUMENT_KINDS[name];
    const schema = BODIES[name] as z.ZodType;
    return [
      `/api/${collection}`,
      { get: { summary: `All ${collection}`, ...answers('By name', z.array(schema)) } },
    ] as const;
  });
  // A shop's rows and its documents never share an address, but a list and a row's may.
  const paths: ZodOpenApiPathsObject = {};
  for (const [path, item] of [...rows, ...documents, ...lists]) paths[path] = { ...paths[path], ...item };
  return paths;
}

function setupPaths(): ZodOpenApiPathsObject {
  const since = z.object({
    since: z.number().int().optional().meta({ description: 'a seq: only what came after it' }),
  });
  const path = z.object({ id: z.string() });
  return {
    '/api/setups': {
      get: { summary: 'Setups', ...answers('Newest first', z.array(setupSummary)) },
      post: { summary: 'Start a setup', requestBody: json(newSetup), ...answers('As stored', newSetup, '201') },
    },
    '/api/log': {
      get: { summary: 'The latest readings of the whole shop', ...answers('Newest first', z.array(logLine)) },
    },
    '/api/uses': {
      get: {
        summary: 'How much each gauge was used since it was last found, and in which setups',
        ...answers('By gauge', z.array(gaugeUses)),
      },
    },
    '/api/gauges/{key}/repeatability': {
      get: {
        summary: 'How a gauge repeated on each machine, and how long a touch with it takes',
        requestParams: { path: z.object({ key: z.string() }) },
        ...answers('The most used first', z.array(machineRepeats)),
      },
    },
    '/api/due': {
      get: {
        summary: 'Gauges and rotary axes that are overdue, were dropped or in a crash, come due, or go somewhere',
        requestParams: { query: z.object({ unit: z.enum(['mm', 'in']).optional() }) },
        ...answers('The worst first', z.array(dueLine)),
      },
    },
    '/api/standings': {
      get: {
        summary: 'Where setups stand: what is done, and what is next',
        requestParams: {
          query: z.object({ of: z.string().meta({ description: 'ids of setups, with commas between' }) }),
        },
        ...answers('In the order asked for', z.array(setupStatus)),
      },
    },
    '/api/setups/{id}': {
      get: {
        summary: 'A setup whole, or what is new in it',
        requestParams: { path, query: since },
        ...answers(
          'Every kind of entry under its own field; behind a seq the entries alone',
          z.looseObject({ seq: z.number().int() }),
        ),
      },
    },
    '/api/stream': {
      get: {
        summary: 'What is new in any number of setups, the shop and links, as it comes',
        requestParams: { query: streamQuery },
        responses: {
          '200': { description: 'Server-sent events', content: { 'text/event-stream': { schema: z.string() } } },
          ...refused,
        },
      },
    },
    '/api/setups/{id}/events': {
      get: {
        summary: 'What is new in a setup, as it comes',
        requestParams: { path, query: since },
        responses: {
          '200': { description: 'Server-sent events', content: { 'text/event-stream': { schema: z.string() } } },
          ...refused,
        },
      },
    },
    '/api/setups/{id}/sheet.pdf': {
      get: {
        summary: 'The sheet that is taped to the machine',
        requestParams: { path, query: sheetQuery },
        responses: {
          '200': { description: 'A PDF', content: { 'application/pdf': { schema: z.string() } } },
          ...refused,
        },
      },
    },
    '/api/setups/{id}/sheet.html': {
      get: {
        summary: 'The same sheet as a page that prints from the browser',
        requestParams: { path, query: sheetQuery },
        responses: { '200': { description: 'HTML', content: { 'text/html': { schema: z.string() } } }, ...refused },
      },
    },
    '/api/setups/{id}/file': {
      get: {
        summary: 'A whole setup, to open in another shop',
        requestParams: { path },
        ...answers('With its machine, gauges and log', z.looseObject({ format: z.literal('zero-point-setup') })),
      },
    },
    '/api/shop/copy.json': {
      get: {
        summary: 'The whole shop, to keep or to bring into another',
        ...answers('Every current document and every row, in order', shopBackup),
      },
    },
    '/api/shop/check': {
      get: {
        summary: 'Check the whole file of the shop',
        ...answers('What was looked through, and what is wrong with it', shopCheck),
      },
    },
    '/api/links': {
      get: {
        summary: 'Links to DROs and controls, as they stand',
        ...answers('One a linked machine', z.array(link)),
      },
    },
    '/api/machines/{id}/link': {
      put: {
        summary: 'Give a machine its link, or none; at the shop’s own machine alone',
        requestParams: { path },
        requestBody: json(linkBody),
        ...answers('Current state', link.nullable()),
      },
    },
    '/api/machines/{id}/link/events': {
      get: {
        summary: 'A link as it changes, and every second',
        requestParams: { path },
        responses: {
          '200': { description: 'Server-sent events', content: { 'text/event-stream': { schema: z.string() } } },
          ...refused,
        },
      },
    },
    '/api/machines/{id}/link/told': {
      post: {
        summary: 'Ask a device something, or tell a stand-in what to do',
        requestParams: { path },
        requestBody: json(deviceCommand),
        ...answers('It was said', z.object({ told: z.literal(true) }), '202'),
      },
    },
    '/api/setup-files': {
      post: {
        summary: 'Open the file of a whole setup',
        requestBody: json(z.looseObject({ format: z.literal('zero-point-setup') })),
        ...answers('Its id here', z.object({ id: z.string() }), '201'),
      },
    },
    '/api/setups/{id}/positions.csv': {
      get: {
        summary: 'All positions as CSV',
        requestParams: { path },
        responses: { '200': { description: 'RFC 4180', content: { 'text/csv': { schema: z.string() } } }, ...refused },
      },
    },
  };
}

function reckonPaths(): ZodOpenApiPathsObject {
  return Object.fromEntries(
    Object.values<Calculation>(REGISTRY).map(({ name, summary, input, output }) => [
      `/api/reckon/${name}`,
      { post: { summary, requestBody: json(input), ...answers('With its working, uncertainty and cautions', output) } },
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
    paths: { ...setupPaths(), ...recordPaths(), ...reckonPaths() },
  });
}

export function openApiRoutes(): Router {
  const router = Router();
  // Made when first asked for: a fifth of a second that nobody waits for when the shop opens.
  let document: string | undefined;
  router.get('/openapi.json', (_request, response) => {
    document ??= JSON.stringify(openApiDocument());
    response.type('application/json').send(document);
  });
  return router;
}
