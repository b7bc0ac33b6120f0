import { BODIES } from '@zero-point/core/records/kinds/schemas';
import { savedBody } from '@zero-point/core/records/kinds/entry';
import {
  DOCUMENT_KINDS,
  DOCUMENT_NAMES,
  ROW_KINDS,
  ROW_NAMES,
  type BodyOf,
  type DocumentName,
  type KindName,
  type RowName,
} from '@zero-point/core/records/kinds/kinds';
import { NO_VERSION } from '@zero-point/core/records/kinds/kind';
import { newSetup } from '@zero-point/core/records/setup/plan.schema';
import { id as idSchema } from '@zero-point/core/schema/quantities';
import { Router, type Request } from 'express';
import type { z } from 'zod';
import { boundedJson } from '../http/boundedJson';
import { orderedDelivery } from '../http/orderedDelivery';
import { created, invalid, parseOrProblem } from '../http/problem';
import type { Saved, ShopRecord } from '../records/record';
import type { Lines } from '../store/deviceLines';

/** Where rows of a kind are added. */
export const rowPath = (name: RowName): string => {
  const { of, collection } = ROW_KINDS[name];
  return of === 'setup' ? `/setups/:id/${collection}` : `/${collection}`;
};

/** Where a document is saved. */
export const documentPath = (name: DocumentName): string => {
  const { of, collection, shows } = DOCUMENT_KINDS[name];
  const base = of === 'setup' ? `/setups/:id/${collection}` : `/${collection}`;
  return of === 'setup' && shows === 'one' ? base : `${base}/:key`;
};

/** What most things take at the most, and what is read off an instrument. */
const USUAL = '256kb';
const READ_OFF = '32kb';

/** Ten thousand points, or all numbers of a tool table. */
const LONG = '4mb';

const LARGEST: Readonly<Partial<Record<KindName, string>>> = {
  reading: READ_OFF,
  strike: READ_OFF,
  zeroing: READ_OFF,
  check: READ_OFF,
  sweep: LONG,
  pattern: LONG,
  cutPlan: LONG,
  part: LONG,
  magazine: LONG,
  toolTable: LONG,
};

/** How large a body of a kind may be, unpacked. */
const largestBody = (name: KindName): string => LARGEST[name] ?? USUAL;

const owner = (request: Request): string => String(request.params.id ?? '');

/** Adding rows and saving documents, whatever their kind. */
export function recordRoutes(record: ShopRecord, lines: Lines): Router {
  const router = Router();
  // Readings first, since they are sent most and a router looks through its routes in order.
  for (const name of ROW_NAMES) {
    const schema = BODIES[name] as z.ZodType<BodyOf<RowName>>;
    router.post(rowPath(name), boundedJson(largestBody(name)), (request, response) => {
      orderedDelivery(request, lines, (turn) =>
        created(response, record.append(name, owner(request), parseOrProblem(schema, request.body), turn)),
      );
    });
  }
  router.post('/setups', boundedJson(USUAL), (request, response) => {
    created(response, record.createSetup(parseOrProblem(newSetup, request.body)));
  });
  for (const name of DOCUMENT_NAMES) {
    const kind = DOCUMENT_KINDS[name];
    const schema = savedBody(BODIES[name] as z.ZodType<BodyOf<DocumentName>>);
    const keyOf = kind.key as (body: unknown) => string;
    router.put(documentPath(name), boundedJson(largestBody(name)), (request, response) => {
      orderedDelivery(request, lines, (turn) => {
        const saved = parseOrProblem(schema, request.body) as Saved<DocumentName>;
        const key = keyOf(saved.body);
        const asked = request.params.key === undefined ? '' : parseOrProblem(idSchema, request.params.key);
        if (key !== asked)
          throw invalid([{ field: 'body', message: `must be of what the address names, ${asked || 'the setup'}` }]);
        // A setup is started under this id.
        if (saved.began === NO_VERSION) parseOrProblem(idSchema, owner(request));
        response.json(record.save(name, owner(request), key, saved, turn));
      });
    });
  }
  return router;
}
