import type { Request } from 'express';
import type { Lines, DeviceTurn } from '../store/deviceLines';
import { HttpProblem, invalid } from './problem';

/** Names an entry's line and its number in it: `<line> <number>`. */
export const ORDER_HEADER = 'zero-point-order';

/** Where an entry stands among those of its device; undefined where it was sent without saying so. @throws HttpProblem 422 */
function turnOf(request: Request): Omit<DeviceTurn, 'repeat'> | undefined {
  const text = request.headers[ORDER_HEADER];
  if (text === undefined) return undefined;
  const [, line, number] = /^([\w-]{1,64}) (\d{1,15})$/.exec(String(text)) ?? [];
  if (line === undefined)
    throw invalid([{ field: ORDER_HEADER, message: 'names a line and a number in it, as `a-line 12`' }]);
  return { line, number: Number(number) };
}

/** Not this one's turn. @param expects the number that comes next in its line */
const outOfOrder = (expects: number): HttpProblem =>
  new HttpProblem(
    409,
    'out-of-order',
    'Out of order',
    `Entries of one device are stored as they were logged, and number ${expects} comes next. Nothing was stored; send what was logged before it first.`,
    [],
    undefined,
    expects,
  );

/**
 * Runs what stores an entry when it is its turn: one that comes before those logged earlier on its device waits for them.
 * A number that was settled already is let through as a repeat, which stores nothing new. One that is refused is settled
 * too: the next may come.
 *
 * @param work stores it, and moves its line on in the same transaction where it is given a turn
 */
export function orderedDelivery(request: Request, lines: Lines, work: (turn: DeviceTurn | undefined) => void): void {
  const asked = turnOf(request);
  if (!asked) return work(undefined);
  const settled = lines.settled(asked.line) ?? asked.number - 1;
  if (asked.number > settled + 1) throw outOfOrder(settled + 1);
  const turn = { ...asked, repeat: asked.number <= settled };
  try {
    work(turn);
  } catch (error) {
    if (!(error instanceof HttpProblem) || error.status >= 500) throw error;
    // A save that another tab of the device has carried on from is no conflict of two people.
    if (turn.repeat && error.status === 409) throw outOfOrder(settled + 1);
    lines.settle(turn);
    throw error;
  }
}
