import type { Book } from './book';
import { lastZeroing } from './inForce';
import { zZeroAnswer } from './subjects/heights';

/**
 * What Z must show again at the spot where tools are touched off at every change, mm: what it was set to while the tool that
 * set it touched there, whichever tool that was. Nothing is added to it, and its gauge cancels.
 *
 * @returns undefined while Z was not set here by a touch
 */
export function spotFigure(book: Book): number | undefined {
  const set = lastZeroing(book, 'z');
  const zero = zZeroAnswer(book);
  if (set?.form === 'preset') return set.value;
  return zero?.longer === undefined ? undefined : zero.result.setZ;
}
