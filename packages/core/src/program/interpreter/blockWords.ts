import { letterAt, type Block } from './block';

export const A = letterAt('A');
export const B = letterAt('B');
export const C = letterAt('C');
export const D = letterAt('D');
export const F = letterAt('F');
export const H = letterAt('H');
export const L = letterAt('L');
export const P = letterAt('P');
export const S = letterAt('S');
export const T = letterAt('T');
export const X = letterAt('X');
export const Y = letterAt('Y');
export const Z = letterAt('Z');

/** Whether a letter stands in a block. */
export const has = (block: Block, letter: number): boolean => (block.seen & (1 << letter)) !== 0;

/** Whether a G code, in tenths, stands in it. */
export function hasCode(block: Block, code: number): boolean {
  for (let i = 0; i < block.g.count; i += 1) if (block.g.codes[i] === code) return true;
  return false;
}

/** The work offset that a G code calls for; nothing where it calls for none. */
export function offsetName(code: number, block: Block): string | undefined {
  // With P it is another offset on many controls: never taken for the plain one.
  if (code >= 540 && code <= 590 && code % 10 === 0)
    return code === 540 && has(block, P) ? `G54 P${block.value[P] ?? 0}` : `G${code / 10}`;
  if (code >= 591 && code <= 593) return `G59.${code - 590}`;
  if (code === 541) return `G54.1 P${has(block, P) ? (block.value[P] ?? 0) : '?'}`;
  return undefined;
}

/** A line that sets a length, an offset, a way of counting or a height: without it all that follows is elsewhere. */
export function isGrave(block: Block): boolean {
  if (has(block, Z) || has(block, T)) return true;
  for (let i = 0; i < block.g.count; i += 1) {
    const code = block.g.codes[i] ?? 0;
    if ([200, 210, 430, 490, 900, 910].includes(code) || offsetName(code, block) !== undefined) return true;
  }
  return false;
}
