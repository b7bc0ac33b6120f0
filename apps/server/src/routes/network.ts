import express, { Router, type Response } from 'express';
import { rateLimit } from 'express-rate-limit';
import QRCode from 'qrcode';
import { z } from 'zod';
import { boundedJson } from '../http/boundedJson';
import { requireLoopback, DEVICE_COOKIE, SECURE_COOKIE } from '../http/paired';
import { HttpProblem, notFound, parseOrProblem } from '../http/problem';
import type { Network } from '../network/network';
import { PAIR_PAGE, pairPage, pairUrl, TRUST_PAGE, trustPage } from '../network/pairPage';
import type { Pairing } from '../network/pairing';
import type { Devices } from '../store/devices';

/**
 * Tries an address has in so long, ms. None of all together: with 40 random bits and ten minutes a whole network of guessers
 * comes to nothing, and would only keep the owner's own phone out.
 */
const WINDOW = 60_000;
const TRIES = 6;

const YEAR = 365 * 86_400;

/** Signs that are not seen, and those that turn the reading of what follows: a name could look like another by them. */
const visible = (name: string): string => name.replace(/[\p{Cc}\p{Cf}]/gu, '');

/** The page that pairs a device, for those that are not let in yet. */
export function pairRoutes(pairing: Pairing): Router {
  const router = Router();
  const page = (response: Response, status: number, what: Parameters<typeof pairPage>[0]) =>
    response.status(status).set('Cache-Control', 'no-store').type('html').send(pairPage(what));
  router.get(PAIR_PAGE, (request, response) => {
    const { code } = request.query;
    page(response, 200, typeof code === 'string' ? { code } : {});
  });
  const limit = rateLimit({
    windowMs: WINDOW,
    limit: TRIES,
    standardHeaders: true,
    legacyHeaders: false,
    validate: false,
    skipSuccessfulRequests: true,
    keyGenerator: ({ ip }) => ip ?? '',
    handler: (_request, response) =>
      page(response, 429, { trouble: 'Too many wrong codes. Wait a minute, then type it once more.' }),
  });
  router.post(PAIR_PAGE, limit, express.urlencoded({ extended: false, limit: '2kb' }), (request, response) => {
    const body = z
      .object({
        code: z.string().max(40).catch(''),
        name: z.string().transform(visible).pipe(z.string().trim().max(40)).catch(''),
      })
      .parse(request.body ?? {});
    const key = pairing.pair(body.code, body.name === '' ? 'A device' : body.name);
    if (key === undefined)
      return page(response, 403, {
        ...body,
        trouble: pairing.isOpen()
          ? 'That is not the code. Compare it sign by sign, and type it once more.'
          : 'No code is good now: it was used, or its ten minutes are over. Ask for a new one in Settings there.',
      });
    const { secure } = request;
    response
      .cookie(secure ? SECURE_COOKIE : DEVICE_COOKIE, key, {
        secure,
        httpOnly: true,
        sameSite: 'strict',
        path: '/',
        maxAge: YEAR * 1000,
      })
      .redirect(303, '/');
  });
  return router;
}

/** The shop's own certificate, and how a device comes to trust it: for those that were let in. */
export function trustRoutes(network: Network): Router {
  const router = Router();
  const authority = (): string => {
    const cert = network.authority();
    if (cert === undefined) throw notFound('certificate', 'authority');
    return cert;
  };
  router.get(TRUST_PAGE, (_request, response) => {
    authority();
    response.set('Cache-Control', 'no-store').type('html').send(trustPage(network.secureUrls()));
  });
  router.get(`${TRUST_PAGE}/authority.crt`, (_request, response) => {
    response
      .set('Content-Disposition', 'attachment; filename="zero-point-shop.crt"')
      .type('application/x-x509-ca-cert')
      .send(authority());
  });
  return router;
}

/** Opening the shop to the network, codes, and who is let in: at the shop's own machine only. */
export function networkRoutes(network: Network, pairing: Pairing, devices: Devices): Router {
  const router = Router();
  router.use(
    '/network',
    requireLoopback('Devices are let in and dismissed on the machine the shop runs on. Open Settings there.'),
  );
  const state = async () => {
    const code = pairing.code();
    const [url] = network.urls();
    return {
      open: network.isOpen(),
      urls: network.urls(),
      secureUrls: network.secureUrls(),
      devices: devices.all(),
      ...(code && url !== undefined && { code: { ...code, qr: await QRCode.toDataURL(pairUrl(url, code.code)) } }),
    };
  };
  router.get('/network', async (_request, response) => response.json(await state()));
  router.put('/network', boundedJson('4kb'), async (request, response) => {
    const { open } = parseOrProblem(z.object({ open: z.boolean({ error: 'must be true or false' }) }), request.body);
    if (!open) await network.close();
    else if (!network.isOpen()) {
      await network.open().catch((error: NodeJS.ErrnoException) => {
        throw new HttpProblem(
          503,
          'no-network',
          'Not opened',
          `The network could not be opened (${error.code ?? error.message}). Another program may have this port there.`,
        );
      });
      if (!network.isOpen())
        throw new HttpProblem(
          503,
          'no-network',
          'No network',
          'This machine is on no network. Join one, then open the shop.',
        );
    }
    response.json(await state());
  });
  router.post('/network/code', async (_request, response) => {
    if (!network.isOpen())
      throw new HttpProblem(
        409,
        'closed',
        'Not open',
        'Open the shop to the network first; then a code lets a phone in.',
      );
    pairing.newCode();
    response.status(201).json(await state());
  });
  router.delete('/network/devices/:id', async (request, response) => {
    if (!devices.dismiss(request.params.id, new Date().toISOString())) throw notFound('device', request.params.id);
    // A stream that is open is no request: it would go on telling a dismissed device what is new.
    network.hangUp();
    response.json(await state());
  });
  return router;
}
