import type { Book } from './book';
import { lastZeroing, onThisScale, scaleOf } from './inForce';
import { toolLengthAnswer, zZeroAnswer } from './subjects/heights';

/**
 * What Z must show again while a tool touches the spot where tools are touched off at every change, mm: what it showed there
 * with the tool before, on the same gauge and the scale as it is. Nothing is added to it, and its gauge cancels.
 *
 * @returns undefined while this tool touched nothing that compares: another gauge, or a scale that is no more
 */
export function spotFigure(book: Book, tool: number): number | undefined {
  const zero = zZeroAnswer(book);
  const length = toolLengthAnswer(book, tool);
  if (!length || zero?.longer === undefined) return undefined;
  const set = lastZeroing(book, 'z');
  // Z was not set yet, or what is read counts from the machine's own zero: the height of the gauge's top above part zero.
  if (set === undefined || set.form === 'work-offset' || scaleOf(book) === 'machine') return zero.result.setZ;
  return onThisScale(book, length.readings) ? length.result.repeats.mean - length.result.offset : undefined;
}
