import type { Path } from '../motion/path';

/** The last stretch of the line a stretch belongs to. */
export function endOfLine({ line, count }: Path, at: number): number {
  const here = line[at];
  let end = at;
  while (end + 1 < count && line[end + 1] === here) end += 1;
  return end;
}

/** The last stretch of the next line that moves; the same where there is none. */
export const nextLine = (path: Path, at: number): number => {
  const end = endOfLine(path, at);
  return end + 1 < path.count ? endOfLine(path, end + 1) : end;
};

/** The last stretch of the line before that moves; the same where there is none. */
export function lineBefore({ line }: Path, at: number): number {
  const here = line[at];
  let before = at;
  while (before >= 0 && line[before] === here) before -= 1;
  return before < 0 ? at : before;
}

/** The last stretch of the first line at or after this one that moves; the very last where there is none. */
export function stretchOfLine(path: Path, wanted: number): number {
  let [low, high] = [0, path.count - 1];
  // Lines never go back: a program is read from its head to its end.
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((path.line[middle] ?? 0) < wanted) low = middle + 1;
    else high = middle;
  }
  return Math.max(0, endOfLine(path, low));
}
