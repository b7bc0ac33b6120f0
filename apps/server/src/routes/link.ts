import { linkAddress } from '@zero-point/core/link/address';
import type { LinkView } from '@zero-point/core/link/linkView';
import { deviceCommand } from '@zero-point/core/link/message';
import { id as idSchema } from '@zero-point/core/schema/quantities';
import { Router } from 'express';
import { z } from 'zod';
import { boundedJson } from '../http/boundedJson';
import { requireLoopback } from '../http/paired';
import { HttpProblem, notFound, parseOrProblem } from '../http/problem';
import { openStream } from '../http/stream';
import type { Links, LinkNotReported } from '../link/links';
import type { Store } from '../store/store';

/** A machine's link as it is saved: an address, or none. */
export const linkBody = z.object({ address: linkAddress.nullable() });

const NOT_TOLD: Readonly<Record<Exclude<LinkNotReported, 'no-link'>, [code: string, title: string, detail: string]>> = {
  away: [
    'link-away',
    'Not connected',
    'The device does not answer. See that it is on and its cable in, then try again.',
  ],
  'not-a-stand-in': [
    'not-a-stand-in',
    'Not moved',
    'Only a simulated machine is moved from here. Move this one at its own handwheels or control.',
  ],
};

/** An address that is linked only where the person at the machine says so by name. */
const beyondTheShop = (host: string): HttpProblem => {
  const message = `Only something in the shop can be linked, and ${host} is outside its own network. If it is meant, name it when you start the server: LINK_HOSTS=${host}`;
  return new HttpProblem(422, 'outside', 'Outside the shop', message, [{ field: 'address.host', message }]);
};

/** Links to DROs and controls: how they stand, live, and what they are asked. How they are wired is said at the shop's own machine alone. */
export function linkRoutes(links: Links, store: Store): Router {
  const router = Router();
  const machineOf = (key: unknown): string => {
    const id = parseOrProblem(idSchema, key);
    if (!store.documents.get('machine', '', id)) throw notFound('machine', id);
    return id;
  };
  const linked = (key: unknown) => {
    const id = machineOf(key);
    const view = links.view(id);
    if (!view) throw notFound('link of the machine', id);
    return { id, view };
  };
  router.get('/links', (_request, response) => {
    response.json(links.views());
  });
  const here = requireLoopback('A link is set up on the machine the shop runs on. Open Shop there.');
  router.put('/machines/:id/link', here, boundedJson('4kb'), (request, response) => {
    const id = machineOf(request.params.id);
    const { address } = parseOrProblem(linkBody, request.body);
    if (address?.over === 'tcp' && !links.mayLink(address)) throw beyondTheShop(address.host);
    links.set(id, address ?? undefined);
    response.json(links.view(id) ?? null);
  });
  router.head('/machines/:id/link/events', (_request, response) => {
    response.type('text/event-stream').end();
  });
  router.get('/machines/:id/link/events', async (request, response) => {
    const { id, view } = linked(request.params.id);
    let latest: LinkView | undefined = view;
    const stream = await openStream(request, response, (push) => {
      if (latest) push(latest, 'link');
      latest = undefined;
    });
    stream.onEnd(
      links.listen(id, (next) => {
        latest = next;
        stream.wake();
      }),
    );
    stream.wake();
  });
  router.post('/machines/:id/link/told', boundedJson('4kb'), (request, response) => {
    const { id } = linked(request.params.id);
    const why = links.tell(id, parseOrProblem(deviceCommand, request.body));
    if (why === undefined) return void response.status(202).json({ told: true });
    if (why === 'no-link') throw notFound('link of the machine', id);
    const [code, title, detail] = NOT_TOLD[why];
    throw new HttpProblem(409, code, title, detail);
  });
  return router;
}
