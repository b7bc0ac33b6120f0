import { gauge, machine, part, tool } from '@zero-point/core/contract/shop';
import { keptTable } from '@zero-point/core/contract/toolTable';
import { holding } from '@zero-point/core/contract/holding';
import { Router } from 'express';
import type { z } from 'zod';
import { invalid, notFound, parsed } from '../http/problem';
import type { Documents } from '../store/documents';
import { holdingsOf } from '../ledger';
import type { Store } from '../store/store';

/** The kinds of things a shop has, by the name of their collection. */
export const SHOP_SCHEMAS = {
  machines: machine,
  gauges: gauge,
  tools: tool,
  parts: part,
  holdings: holding,
  tables: keptTable,
} as const;

export type ShopCollection = keyof typeof SHOP_SCHEMAS;

export const SHOP_COLLECTIONS = Object.keys(SHOP_SCHEMAS) as ShopCollection[];

/** Machines, gauges, tools, parts and workholding lists: listed, read, and put whole under their id; retired, never deleted. */
export function shopRoutes(store: Store): Router {
  const router = Router();
  router.get('/shop', (_request, response) => {
    response.json({
      kind: store.kind(),
      machines: store.machines.all(),
      gauges: store.gauges.all(),
      tools: store.tools.all(),
      parts: store.parts.all(),
      holdings: holdingsOf(store),
    });
  });
  collectionRoutes(router, 'machines', machine, store.machines, store);
  collectionRoutes(router, 'gauges', gauge, store.gauges, store);
  collectionRoutes(router, 'tools', tool, store.tools, store);
  collectionRoutes(router, 'parts', part, store.parts, store);
  collectionRoutes(router, 'tables', keptTable, store.tables, store);
  collectionRoutes(router, 'holdings', holding, store.holdings, store, () => holdingsOf(store));
  return router;
}

function collectionRoutes<T extends { id: string }>(
  router: Router,
  collection: ShopCollection,
  schema: z.ZodType<T>,
  table: Documents<T>,
  store: Store,
  all: () => T[] = table.all,
): void {
  router.get(`/${collection}`, (_request, response) => {
    response.json(all());
  });
  router.get(`/${collection}/:id`, (request, response) => {
    const found = all().find(({ id }) => id === request.params.id);
    if (!found) throw notFound(collection.slice(0, -1), request.params.id);
    response.json(found);
  });
  router.put(`/${collection}/:id`, (request, response) => {
    const thing = parsed(schema, request.body);
    if (collection === 'tables' && !store.machines.has(thing.id)) throw notFound('machine', thing.id);
    if (thing.id !== request.params.id) {
      throw invalid([{ field: 'id', message: `must be the one in the address, ${request.params.id}` }]);
    }
    store.write(() => table.put(thing));
    response.json(thing);
  });
}
