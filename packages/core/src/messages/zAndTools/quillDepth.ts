import type { SetupState } from '../../state/basis/setupState';
import { kneeLockedAt, quillDepth } from '../../state/toolChange/quillDepth';
import { formatLengthUnit } from '../../units/formatLength';
import { zShows } from './toolDepth';

/** What is said of the quill's stop at a depth: a figure, what comes first, or nothing where the quill has its own scale. */
export interface QuillWords {
  trouble: boolean;
  said: string;
}

/**
 * The quill's stop for a depth, where the scale is on the knee.
 *
 * @param deepest what Z would show at full depth with the tool in the spindle, mm
 */
export function quillWords(book: SetupState, deepest: number): QuillWords | undefined {
  const found = quillDepth(book, deepest);
  if (!found) return undefined;
  const mm = (value: number) => formatLengthUnit(value, { unit: book.setup.units });
  switch (found.kind) {
    case 'ask':
      return { trouble: false, said: 'Drilling with the quill: lock the knee, then enter what Z shows.' };
    case 'travel':
      return {
        trouble: false,
        said: `Quill stop: ${mm(found.travel)} down, from where the quill was when Z was set. Valid only while Z shows ${zShows(book, kneeLockedAt(book) ?? 0)}.`,
      };
    case 'knee-too-high':
      return {
        trouble: true,
        said: `With the knee there, the tool is at full depth before the quill moves. Wind the knee down until Z shows more than ${zShows(book, deepest)}, lock it, then enter what Z shows.`,
      };
    case 'out-of-reach':
      return {
        trouble: true,
        said: `This depth needs ${mm(found.needs)} of quill, ${mm(found.over)} more than it has. Raise the knee by that or more, lock it, then enter what Z shows.`,
      };
  }
}
