import type { Duplex } from 'node:stream';

const REPLIES: Readonly<Record<string, [status: string, code: string, detail: string]>> = {
  HPE_HEADER_OVERFLOW: [
    '431 Request Header Fields Too Large',
    'headers',
    'The request has more headers than are read.',
  ],
  ERR_HTTP_REQUEST_TIMEOUT: ['408 Request Timeout', 'timeout', 'The request did not come whole in time.'],
};

const [STATUS, CODE, DETAIL] = ['400 Bad Request', 'bad-request', 'That is no request this server can read.'];

/** Answers what is no HTTP request, or too much of one, as a problem document too, and ends the connection. */
export function answerClientError(error: NodeJS.ErrnoException, socket: Duplex): void {
  if (error.code === 'ECONNRESET' || !socket.writable) return void socket.destroy();
  const [status, code, detail] = REPLIES[error.code ?? ''] ?? [STATUS, CODE, DETAIL];
  const body = JSON.stringify({
    type: `urn:zero-point:problem:${code}`,
    title: status.slice(4),
    status: Number(status.slice(0, 3)),
    detail,
    code,
  });
  socket.end(
    `HTTP/1.1 ${status}\r\nContent-Type: application/problem+json\r\nContent-Length: ${Buffer.byteLength(body)}\r\nConnection: close\r\n\r\n${body}`,
  );
}
