import type { Dial } from '../../units/dial';

const counted = (count: number, one: string): string => `${count} ${count === 1 ? one : `${one}s`}`;

/**
 * Where a handwheel is, counted from its zero: whole turns and lines, and on which side. A dial has no minus: what is before
 * zero is counted back from it, and the line that its index then shows is named apart.
 *
 * @param lines whole lines from the dial's zero, minus before it
 * @example dialPosition(-500, { perTurn: 3, lines: 120 }) // { far: '4 turns 20 lines before zero', line: 100 }
 */
export function dialPosition(lines: number, dial: Pick<Dial, 'lines'>): { far: string; line: number } {
  const line = ((lines % dial.lines) + dial.lines) % dial.lines;
  const [turns, rest] = [Math.floor(Math.abs(lines) / dial.lines), Math.abs(lines) % dial.lines];
  if (lines === 0) return { far: 'zero itself', line };
  const far = [...(turns > 0 ? [counted(turns, 'turn')] : []), ...(rest > 0 ? [counted(rest, 'line')] : [])].join(' ');
  return { far: `${far} ${lines < 0 ? 'before' : 'past'} zero`, line };
}

/** The same in one go: the line the index shows, then how far that is. */
export function dialPositionWords(lines: number, dial: Pick<Dial, 'lines'>): string {
  const { far, line } = dialPosition(lines, dial);
  return `line ${line}, ${far}`;
}
