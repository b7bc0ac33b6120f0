import { parse as parseCookie } from 'cookie';
import type { RequestHandler } from 'express';
import { isFromNetwork } from '../network/network';
import { PAIR_PAGE } from '../network/pairPage';
import type { Pairing } from '../network/pairing';
import { HttpProblem } from './problem';

/** A device's key, as a plain connection has it; and as one over TLS has it, which no plain one is ever sent. */
export const DEVICE_COOKIE = 'zero-point-device';
export const SECURE_COOKIE = `__Host-${DEVICE_COOKIE}`;

/**
 * Lets in from the network only devices that were paired; all others get the page that pairs them, and nothing else. This
 * machine's own browser needs none of it.
 */
export function requirePairing(pairing: Pairing): RequestHandler {
  return (request, response, next) => {
    if (!isFromNetwork(request) || request.path === PAIR_PAGE) return next();
    const cookies = parseCookie(request.headers.cookie ?? '');
    const keys = [cookies[SECURE_COOKIE], cookies[DEVICE_COOKIE]];
    if (keys.some((key) => key !== undefined && pairing.knows(key))) return next();
    if (request.method === 'GET' && request.accepts(['html', 'json']) === 'html' && !request.path.startsWith('/api'))
      return response.redirect(303, PAIR_PAGE);
    throw new HttpProblem(
      401,
      'not-paired',
      'Not let in',
      'This device is not let in to the shop. Open its address, and join with the code shown on the shop’s own machine.',
    );
  };
}

/**
 * What is done at the machine the shop runs on alone: who is let in, how it is wired.
 *
 * @param detail what a device on the network is told instead
 */
export const requireLoopback =
  (detail: string): RequestHandler =>
  (request, _response, next) => {
    if (!isFromNetwork(request)) return next();
    throw new HttpProblem(403, 'only-here', 'Only at the machine', detail);
  };
