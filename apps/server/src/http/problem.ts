import type { ProblemDocument } from '@zero-point/core/schema/problemDocument';
import type { ErrorRequestHandler, RequestHandler, Response } from 'express';
import { Refusal } from '@zero-point/core/problem/problem';
import type { Logger } from 'pino';
import { z } from 'zod';
import { databaseFault, type DatabaseFault } from '../store/databaseFault';

/** An answer that is not the one asked for, sent as an RFC 9457 problem document. */
export class HttpProblem extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
    readonly title: string,
    readonly detail: string,
    readonly errors: { field: string; message: string }[] = [],
    /** What stands, where a save began from something else. */
    readonly current?: { version: string; body: unknown },
    /** The number that comes next in a device's line. */
    readonly expects?: number,
  ) {
    super(detail);
  }
}

export const notFound = (what: string, id: string): HttpProblem =>
  new HttpProblem(
    404,
    'not-found',
    'Not found',
    `There is no ${what} “${id}” here. Check the address, or open it from Home.`,
  );

export const conflict = (detail: string): HttpProblem => new HttpProblem(409, 'conflict', 'Conflict', detail);

/** A save that began from a version that no longer stands: both are told, so that the person can choose. */
export const superseded = (title: string, current: { version: string; body: unknown }): HttpProblem =>
  new HttpProblem(
    409,
    'superseded',
    'Changed meanwhile',
    `The ${title} was changed on another device since this one read it. Nothing was overwritten; choose which of the two to keep.`,
    [],
    current,
  );

export const invalid = (errors: { field: string; message: string }[]): HttpProblem => {
  const first = errors[0];
  const about = first
    ? `${first.field === '' ? 'The body' : first.field} ${first.message}.`
    : 'The body is not as it should be.';
  return new HttpProblem(422, 'invalid', 'Not as it should be', `${about} Nothing was stored.`, errors);
};

/**
 * A request's body as the schema has it.
 *
 * @throws HttpProblem 422 naming every field that is wrong
 */
export function parseOrProblem<S extends z.ZodType>(schema: S, value: unknown): z.output<S> {
  const read = schema.safeParse(value);
  if (read.success) return read.data;
  throw invalid(read.error.issues.map((issue) => ({ field: issue.path.join('.'), message: issue.message })));
}

/** Answers an append. No ETag: nobody asks for the answer to a POST again. */
export function created(response: Response, body: unknown): void {
  response.statusCode = 201;
  response.setHeader('Content-Type', 'application/json; charset=utf-8');
  response.end(JSON.stringify(body));
}

/** An address that cannot be read is told so before anything else answers in words of its own. */
export const requireReadableAddress: RequestHandler = (request, _response, next) => {
  decodeURIComponent(request.path);
  next();
};

/** Only JSON objects are read; anything else is told so before a route sees it. */
export const requireJson: RequestHandler = (request, _response, next) => {
  const writes = request.method === 'POST' || request.method === 'PUT';
  if (writes && !request.headers['content-type']?.startsWith('application/json')) {
    throw new HttpProblem(
      415,
      'not-json',
      'Not JSON',
      'Send the body as JSON with the header Content-Type: application/json.',
    );
  }
  next();
};

export const unknownRoute: RequestHandler = (request) => {
  throw new HttpProblem(
    404,
    'no-such-route',
    'Not found',
    `${request.method} ${request.baseUrl}${request.path} is not part of this interface. GET /api/openapi.json lists what is.`,
  );
};

/** What an error is told as; undefined for a fault of ours. */
export function problemOf(error: unknown): HttpProblem | undefined {
  if (error instanceof HttpProblem) return error;
  if (error instanceof Refusal) {
    return new HttpProblem(422, error.code, 'Cannot be calculated', error.message, [
      { field: error.field, message: error.message },
    ]);
  }
  const kind = error instanceof Error && 'type' in error ? error.type : undefined;
  switch (kind) {
    case 'entity.parse.failed':
      return new HttpProblem(
        400,
        'not-json',
        'Not JSON',
        'The body is not JSON. Check its quotes, commas and brackets. Nothing was stored.',
      );
    case 'entity.too.large':
      return new HttpProblem(
        413,
        'too-large',
        'Too large',
        'The body is larger than is used. Send less at a time. Nothing was stored.',
      );
    case 'entity.too.deep':
      return new HttpProblem(
        413,
        'too-deep',
        'Too deep',
        'The body has brackets within brackets, more than anything here has. Nothing was read or stored.',
      );
    case 'entity.too.many':
      return new HttpProblem(
        413,
        'too-many',
        'Too many',
        'The body holds more than a million lists and objects. Send less at a time. Nothing was stored.',
      );
    case 'encoding.unsupported':
    case 'charset.unsupported':
      return new HttpProblem(415, 'encoding', 'Unknown encoding', 'Send the body as plain UTF-8 JSON.');
    default:
      break;
  }
  if (error instanceof URIError) {
    return new HttpProblem(400, 'bad-address', 'Bad address', 'The address has a % that does not stand for a letter.');
  }
  const fault = databaseFault(error);
  return fault ? unavailable(fault) : refusedByHttp(error);
}

/** The server stands, its file does not: what was sent is worth sending again. */
export const unavailable = ({ code, title, detail }: DatabaseFault): HttpProblem =>
  new HttpProblem(code === 'disk-full' ? 507 : 503, code, title, `${detail} Nothing was stored.`);

/** What is told of many setups at once is told of the others where one of them stands on something that is left out. */
export function orLeftOut<T>(work: () => T): T | undefined {
  try {
    return work();
  } catch (error) {
    if (error instanceof HttpProblem && error.status === 503) return undefined;
    throw error;
  }
}

/** What HTTP itself refuses, by its number (RFC 9110); those with a body name what to mend. */
const REFUSED: Readonly<Record<number, [code: string, title: string, detail: string]>> = {
  400: [
    'bad-request',
    'Bad request',
    'The request cannot be read as it was sent. Nothing was stored; send it again whole.',
  ],
  403: ['forbidden', 'Not for reading', 'That file cannot be read. Start from Home.'],
  404: ['not-found', 'Not found', 'There is no such file. Start from Home.'],
  412: ['precondition', 'Not as it was', 'The file has changed since. Ask again without conditions.'],
  413: ['too-large', 'Too large', 'The body is larger than is used. Send less at a time. Nothing was stored.'],
  415: ['encoding', 'Unknown encoding', 'Send the body as plain UTF-8 JSON, or by gzip as it should be.'],
  416: ['range', 'No such range', 'The file has no such part. Ask for it whole.'],
};

/** An error that carries its own 4xx: of a file served, a range, a body whose packing is damaged. */
function refusedByHttp(error: unknown): HttpProblem | undefined {
  const status = error instanceof Error && 'status' in error ? Number(error.status) : NaN;
  const [code, title, detail] = REFUSED[status] ?? [];
  if (code !== undefined && title !== undefined && detail !== undefined)
    return new HttpProblem(status, code, title, detail);
  if (status >= 400 && status < 500)
    return new HttpProblem(status, 'bad-request', 'Bad request', 'The request cannot be answered as it was sent.');
  return undefined;
}

/** The last handler: every error leaves as a problem document, unknown ones without their insides. */
export const sendProblem =
  (logger: Logger): ErrorRequestHandler =>
  (error, request, response, next) => {
    if (response.headersSent) return next(error);
    const known = problemOf(error);
    if (!known || known.status >= 500) logger.error({ err: error, requestId: request.id }, known?.code ?? 'unexpected');
    const problem =
      known ??
      new HttpProblem(
        500,
        'unexpected',
        'Unexpected',
        'Something broke here that should not. Nothing was stored; the log has the request id.',
      );
    writeProblem(response, problem, request.originalUrl, request.id ?? '');
  };

function writeProblem(response: Response, problem: HttpProblem, instance: string, requestId: string): void {
  const body: ProblemDocument = {
    type: `urn:zero-point:problem:${problem.code}`,
    title: problem.title,
    status: problem.status,
    detail: problem.detail,
    instance,
    code: problem.code,
    requestId,
    ...(problem.errors.length > 0 && { errors: problem.errors }),
    ...(problem.current && { current: problem.current }),
    ...(problem.expects !== undefined && { expects: problem.expects }),
  };
  // What is in the way of a write may be gone in a moment.
  if (problem.status === 503) response.setHeader('Retry-After', '2');
  response.status(problem.status).type('application/problem+json').send(JSON.stringify(body));
}
