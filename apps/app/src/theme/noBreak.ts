import type { ReactNode } from 'react';
import { Children } from 'react';

/** A figure with its unit, and the axis or ⌀ before it: `−5.012 mm`, `X +12.000 mm`, `⌀ 4.200 mm`, `1000 rpm`. */
const FIGURE = /((?:(?:\b[XYZABC]|[⌀Ø]) )?[±+−-]?(?:\d[\d.,]{0,30})(?: (?:mm\/min|mm|in\/min|in|thou|rpm)\b))/;

/** A piece of a text; `whole` where no line may end within it. */
export interface Piece {
  text: string;
  whole: boolean;
}

/**
 * A text in pieces, so that a figure and its unit are never parted by the end of a line: *±0.012* at its end and *mm* on
 * the next reads as a figure without a unit.
 */
export function splitNoBreak(text: string): Piece[] {
  return text
    .split(FIGURE)
    .map((piece, i) => ({ text: piece, whole: i % 2 === 1 }))
    .filter((piece) => piece.text !== '');
}

/** What stands in a paragraph as one text; nothing where there is more in it than words and figures. */
export function plainText(children: ReactNode): string | undefined {
  const parts = Children.toArray(children);
  return parts.every((part) => typeof part === 'string' || typeof part === 'number') ? parts.join('') : undefined;
}
