import type { RequestHandler } from 'express';
import { randomUUID } from 'node:crypto';
import type { Logger } from 'pino';

declare module 'http' {
  interface IncomingMessage {
    /** Told in the X-Request-Id header, in problem documents and in the log. */
    id?: string;
  }
}

/**
 * An id for every request, and one line in the log when it is answered.
 * A child logger a request would cost more than storing a reading does, so the line is written with what it needs.
 */
export function requestLog(logger: Logger): RequestHandler {
  const logs = logger.isLevelEnabled('info');
  return (request, response, next) => {
    const id = randomUUID();
    request.id = id;
    response.setHeader('X-Request-Id', id);
    if (logs) {
      const { method } = request;
      // What is asked behind the path may be a code that lets a device in.
      const [path] = request.url.split('?');
      const start = performance.now();
      response.on('close', () => {
        const line = { requestId: id, method, path, status: response.statusCode, ms: performance.now() - start };
        if (response.writableFinished) logger.info(line, 'answered');
        else logger.warn(line, 'broken off');
      });
    }
    next();
  };
}
