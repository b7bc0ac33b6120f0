import type { RequestHandler } from 'express';
import helmet from 'helmet';
import { createHash } from 'node:crypto';
import type { IncomingMessage, ServerResponse } from 'node:http';

/** A script that stands in the app's own page, as a policy names it. */
export function inlineScripts(page: string): string[] {
  const scripts = [...page.matchAll(/<script>([\s\S]*?)<\/script>/g)];
  return scripts.map(([, text = '']) => `'sha256-${createHash('sha256').update(text).digest('base64')}'`);
}

/**
 * Scripts and connections from here only; the interface library writes its styles inline; workers start from blobs.
 *
 * @param scripts of the page itself, by their sums
 */
const harden = (scripts: readonly string[]) =>
  helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: ["'none'"],
        scriptSrc: ["'self'", ...scripts],
        styleSrc: ["'self'", "'unsafe-inline'"],
        fontSrc: ["'self'"],
        imgSrc: ["'self'", 'data:', 'blob:'],
        connectSrc: ["'self'"],
        workerSrc: ["'self'", 'blob:'],
        manifestSrc: ["'self'"],
        baseUri: ["'none'"],
        formAction: ["'self'"],
        frameAncestors: ["'none'"],
      },
    },
    // A form of our own must say where it comes from, or it would be taken for a foreign page's.
    referrerPolicy: { policy: 'same-origin' },
    // The shop's own network speaks plain HTTP; these would only lock a phone out of it.
    strictTransportSecurity: false,
    originAgentCluster: false,
    crossOriginOpenerPolicy: false,
  });

/** Helmet's headers. They depend on no request, so they are worked out once. */
export function securityHeaders(scripts: readonly string[] = []): RequestHandler {
  const headers: [string, string][] = [];
  const recorder = {
    setHeader: (name: string, value: string) => headers.push([name, value]),
    removeHeader: () => undefined,
  };
  harden(scripts)({} as IncomingMessage, recorder as unknown as ServerResponse, () => undefined);
  return (_request, response, next) => {
    for (const [name, value] of headers) response.setHeader(name, value);
    next();
  };
}
