import express from 'express';
import type { IncomingMessage, ServerResponse } from 'node:http';

/** Nothing that is sent goes deeper, and nothing has more lists and objects in it. */
const DEEPEST = 64;
const MOST_CONTAINERS = 1_000_000;

const [QUOTE, BACKSLASH, OPEN_LIST, CLOSE_LIST, OPEN_OBJECT, CLOSE_OBJECT] = [34, 92, 91, 93, 123, 125] as const;

/**
 * Looks through a body before it is parsed, once, byte by byte: a few kilobytes can unpack to millions of brackets, which take
 * a parser gigabytes.
 *
 * @throws Error of the type `entity.too.deep` or `entity.too.many`
 */
export function refuseNested(body: Uint8Array): void {
  let depth = 0;
  let containers = 0;
  let inText = false;
  for (let at = 0; at < body.length; at += 1) {
    const byte = body[at];
    if (inText) {
      if (byte === BACKSLASH) at += 1;
      else if (byte === QUOTE) inText = false;
    } else if (byte === QUOTE) inText = true;
    else if (byte === OPEN_LIST || byte === OPEN_OBJECT) {
      depth += 1;
      containers += 1;
      if (depth > DEEPEST) throw Object.assign(new Error('too deep'), { type: 'entity.too.deep' });
      if (containers > MOST_CONTAINERS) throw Object.assign(new Error('too many'), { type: 'entity.too.many' });
    } else if (byte === CLOSE_LIST || byte === CLOSE_OBJECT) depth -= 1;
  }
}

/** JSON out of bytes. @throws Error of the type `entity.parse.failed` */
export function parsedJson(bytes: Uint8Array): unknown {
  try {
    return JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(bytes));
  } catch {
    throw Object.assign(new Error('not JSON'), { type: 'entity.parse.failed' });
  }
}

/** Reads JSON bodies of so much at the most, unpacked, and no deeper than anything here is. */
export const boundedJson = (limit: string): express.RequestHandler =>
  express.json({
    limit,
    verify: (_request: IncomingMessage, _response: ServerResponse, body: Buffer) => refuseNested(body),
  });

/** Takes a body as bytes, unpacked, for another process to read. */
export const boundedBytes = (limit: string): express.RequestHandler => express.raw({ limit, type: 'application/json' });
