import { DOCUMENT_KINDS, DOCUMENT_NAMES, type DocumentName } from '@zero-point/core/records/kinds/kinds';
import { documentKey } from '@zero-point/core/records/snapshots/snapshot';
import type { Calibration, NewCalibration } from '@zero-point/core/records/shop/calibration';
import { id as idSchema } from '@zero-point/core/schema/quantities';
import { dueList } from '@zero-point/core/messages/gauges/dueList';
import compression from 'compression';
import { Router, type Request } from 'express';
import { isIP } from 'node:net';
import { invalid, notFound, parseOrProblem } from '../http/problem';
import { openStream } from '../http/stream';
import type { ShopRecord } from '../records/record';
import { countGaugeUses } from '../records/gaugeUses';
import { workholdingLists } from '../records/workholdingLists';
import { LOG_LENGTH } from '../records/shopLog';
import { createSetupStatus } from '../records/setupStatus';
import type { Store } from '../store/store';
import type { ShopOnDisk } from '../background/stageSetup';
import type { Workers } from '../background/workers';

/** Kinds of things the whole shop has. */
export const SHOP_DOCUMENTS = DOCUMENT_NAMES.filter((name) => DOCUMENT_KINDS[name].of === 'shop');

const isOwnMachine = (request: Request): boolean => {
  const address = request.socket.remoteAddress ?? '';
  return address === '::1' || address.startsWith('127.') || address.startsWith('::ffff:127.') || isIP(address) === 0;
};

/** Over a network a record is sent small; within one machine that would only take time. */
const small = compression({ filter: (request) => !isOwnMachine(request as Request), level: 4 });

/** @throws HttpProblem 422 when `since` is no place in the record */
function sinceOf(value: unknown): number | undefined {
  if (value === undefined) return undefined;
  const seq = Number(value);
  if (!Number.isSafeInteger(seq) || seq < 0)
    throw invalid([{ field: 'since', message: 'must be the seq of an earlier answer, a whole number' }]);
  return seq;
}

/** So many setups are told of at once. */
const MOST_STANDINGS = 100;

/** So many reckonings are told, newest first. */
const LATEST = 50;

/** @throws HttpProblem 422 when `of` names none, or too many */
function idsOf(value: unknown): string[] {
  const ids = typeof value === 'string' && value !== '' ? value.split(',') : [];
  if (ids.length === 0 || ids.length > MOST_STANDINGS)
    throw invalid([{ field: 'of', message: `must name 1 to ${MOST_STANDINGS} setups, with commas between` }]);
  return ids;
}

/** All things of a kind, the lists as the shop has them. */
function allOf(store: Store, name: DocumentName) {
  const bodies = store.documents.all(name).map(({ body }) => body);
  return name === 'holding' ? workholdingLists(bodies as Parameters<typeof workholdingLists>[0]) : bodies;
}

/** Everything found of the shop's things, with its place in the record. */
const calibrationsOf = (store: Store): Calibration[] =>
  store.entries
    .ofShop()
    .flatMap(({ kind, body, seq, receivedAt }) =>
      kind === 'calibration' ? [{ ...(body as NewCalibration), seq, receivedAt }] : [],
    );

/** The bench, the shop, and a setup: whole once, then what is new. */
export function readingRoutes(store: Store, record: ShopRecord, shop: ShopOnDisk, workers: Workers): Router {
  const router = Router();
  router.get('/setups', small, (_request, response) => {
    response.json(store.tallies.summaries());
  });
  const standingsOf = createSetupStatus(record, shop, workers);
  router.get('/standings', small, async (request, response) => {
    response.json(await standingsOf(idsOf(request.query.of)));
  });
  router.get('/log', small, async (_request, response) => {
    response.json(await workers.run('log', { shop, latest: store.readings.latest(LOG_LENGTH) }));
  });
  router.get('/uses', small, (_request, response) => {
    response.json(countGaugeUses(store));
  });
  router.get('/gauges/:key/repeatability', small, async (request, response) => {
    const gaugeId = parseOrProblem(idSchema, request.params.key);
    const ids = store.readings.usesOf(gaugeId, '').map(({ id }) => id);
    response.json(await workers.run('repeatability', { shop, gaugeId, ids }));
  });
  router.get('/due', small, (request, response) => {
    const unit = request.query.unit === 'in' ? 'in' : 'mm';
    const gauges = store.documents.all('gauge').map(({ body }) => body);
    const machines = store.documents.all('machine').map(({ body }) => body);
    response.json(
      dueList(
        { gauges, machines, calibrations: calibrationsOf(store), uses: countGaugeUses(store) },
        new Date().toISOString(),
        unit,
      ),
    );
  });
  router.get('/reckonings', small, (_request, response) => {
    response.json(
      store.entries.latest('reckoning', LATEST).map(({ body, seq, receivedAt }) => ({ ...body, seq, receivedAt })),
    );
  });
  router.get('/setups/:id', small, (request, response) => {
    const id = String(request.params.id);
    const since = sinceOf(request.query.since);
    if (since !== undefined) response.json(record.since(id, since));
    // No ETag: it is fetched whole once, and asked for what is new after.
    else response.setHeader('Content-Type', 'application/json; charset=utf-8').end(record.snapshotText(id));
  });
  // A stream has no end, so asking for its head alone is answered at once.
  router.head(['/setups/:id/events', '/events'], (_request, response) => {
    response.type('text/event-stream').end();
  });
  router.get('/setups/:id/events', async (request, response) => {
    const id = String(request.params.id);
    let seq = sinceOf(request.headers['last-event-id'] ?? request.query.since) ?? 0;
    record.setupOf(id);
    const stream = await openStream(request, response, (push) => {
      const news = record.since(id, seq);
      if (news.entries.length > 0) push(news, 'news', String(news.seq));
      seq = news.seq;
    });
    stream.onEnd(
      record.listen((of) => {
        if (of === '' || of === id) stream.wake();
      }),
    );
    stream.wake();
  });
  router.get('/events', async (request, response) => {
    const changed = new Set<string>();
    const stream = await openStream(request, response, (push) => {
      for (const setupId of changed) push({ setupId }, 'changed', String(store.lastSeq()));
      changed.clear();
    });
    stream.onEnd(
      record.listen((of) => {
        changed.add(of);
        stream.wake();
      }),
    );
  });
  router.get('/shop', small, (_request, response) => {
    const all = SHOP_DOCUMENTS.map((name) => [DOCUMENT_KINDS[name].collection, allOf(store, name)] as const);
    const versions = SHOP_DOCUMENTS.flatMap((name) =>
      store.documents.all(name).map(({ key, version }) => [documentKey(name, key), version] as const),
    );
    response.json({
      kind: store.kind(),
      ...Object.fromEntries(all),
      calibrations: calibrationsOf(store),
      repeatability: store.tallies.repeatability(),
      versions: Object.fromEntries(versions),
      seq: store.lastSeq(),
    });
  });
  for (const name of SHOP_DOCUMENTS) {
    const { collection, title } = DOCUMENT_KINDS[name];
    const keyOf = DOCUMENT_KINDS[name].key as (body: unknown) => string;
    router.get(`/${collection}`, (_request, response) => {
      response.json(allOf(store, name));
    });
    router.get(`/${collection}/:key`, (request, response) => {
      const found = allOf(store, name).find((body) => keyOf(body) === request.params.key);
      if (!found) throw notFound(title, request.params.key);
      response.setHeader('ETag', `"${store.documents.version(name, '', request.params.key)}"`);
      response.json(found);
    });
  }
  return router;
}
