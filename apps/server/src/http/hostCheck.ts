import type { RequestHandler } from 'express';
import { HttpProblem } from './problem';

/** What this machine calls itself. */
const LOOPBACK = ['localhost', '127.0.0.1', '[::1]'];

/** The name in a Host header or an origin, without its port. */
const nameOf = (host: string): string => host.replace(/:\d+$/, '').toLowerCase();

/**
 * Answers only under names the shop knows: a page of a stranger whose name was made to point here (DNS rebinding) gets
 * nothing. Any address of the loopback net is this machine's own.
 */
export function checkHost(hosts: () => readonly string[]): RequestHandler {
  return (request, _response, next) => {
    const name = nameOf(request.headers.host ?? '');
    if (LOOPBACK.includes(name) || /^127(\.\d{1,3}){3}$/.test(name)) return next();
    if (hosts().some((host) => host.toLowerCase() === name)) return next();
    throw new HttpProblem(
      421,
      'unknown-host',
      'Unknown name',
      'This shop is not known by that name. Open it by the address that was printed when it started.',
    );
  };
}

/** Only the shop's own pages write to it: a write that comes from the page of another origin is refused. */
export const checkOrigin: RequestHandler = (request, _response, next) => {
  const { origin, host = '' } = request.headers;
  const reads = request.method === 'GET' || request.method === 'HEAD' || request.method === 'OPTIONS';
  if (reads || origin === undefined || originHost(origin) === host.toLowerCase()) return next();
  throw new HttpProblem(
    403,
    'foreign-origin',
    'From another page',
    'Only the shop’s own pages may write to it. Nothing was stored.',
  );
};

function originHost(origin: string): string | undefined {
  try {
    return new URL(origin).host;
  } catch {
    return undefined;
  }
}
