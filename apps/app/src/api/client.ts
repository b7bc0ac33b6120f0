import type { ProblemDocument } from '@zero-point/core/schema/problemDocument';
import { deviceStorage, forgetCopies } from '../cache/deviceStorage';
import { useVersion } from './offline';

/** The server answered, and said no. */
export class ServerRefusal extends Error {
  constructor(readonly problem: ProblemDocument) {
    super(problem.detail);
  }
}

/** The server did not answer, or could not: worth trying again later. */
export class ServerAway extends Error {
  constructor(
    /** What is the matter with it, where it answered with that. */
    readonly fault?: string,
  ) {
    super(fault ?? 'The server is away.');
  }
}

/** An answer is waited for so long, ms, before the server is called away. */
const PATIENCE = 10_000;

/**
 * One request to the server's API.
 *
 * @throws ServerRefusal for 4xx, with the problem it sent; ServerAway when there is no usable answer, with the fault where the server told one
 */
export async function request<T>(
  method: 'GET' | 'POST' | 'PUT' | 'DELETE',
  path: string,
  body?: unknown,
  { headers = {}, patience = PATIENCE }: { headers?: Readonly<Record<string, string>>; patience?: number } = {},
): Promise<T> {
  let response: Response;
  try {
    response = await (asked(method, path) ??
      fetch(`/api${path}`, {
        method,
        signal: AbortSignal.timeout(patience),
        ...(body !== undefined && {
          headers: { 'Content-Type': 'application/json', ...headers },
          body: JSON.stringify(body),
        }),
      }));
  } catch {
    throw new ServerAway();
  }
  useVersion.getState().tell(response.headers.get('x-zero-point-build'));
  const answer: unknown = await response.json().catch(() => undefined);
  if (response.ok && answer !== undefined) return answer as T;
  if (response.status === 401 && isProblem(answer) && answer.code === 'not-paired') return join();
  if (response.status >= 400 && response.status < 500 && isProblem(answer)) throw new ServerRefusal(answer);
  throw new ServerAway(isProblem(answer) ? answer.detail : undefined);
}

/** What was asked before the app ran (`src/boot/boot.ts`), once; it is never older than the page. */
function asked(method: string, path: string): Promise<Response> | undefined {
  if (method !== 'GET' || typeof window === 'undefined') return undefined;
  const answer = window.zeroPointAsked?.get(path);
  window.zeroPointAsked?.delete(path);
  return answer;
}

/**
 * This device was dismissed, or never let in: what it logged stays here and waits, while the page that pairs it opens. Its
 * copies of setups go; they come again when it is let in.
 */
function join(): never {
  forgetCopies(deviceStorage);
  window.location.assign('/pair');
  throw new ServerAway();
}

const isProblem = (value: unknown): value is ProblemDocument =>
  typeof value === 'object' && value !== null && 'detail' in value && 'code' in value;
