/** Codes of one letter that a block may hold several of: in tenths, so that G54.1 is 541. */
interface Codes {
  count: number;
  codes: Int32Array;
}

/** The words of one block (ISO 6983-1), used again from block to block: a long program has a million of them. */
export interface Block {
  /** Bits of the letters that stand in it: 1 << 0 for A. G and M are in lists of their own. */
  seen: number;
  /** What stands behind each letter, by its place in the alphabet. */
  value: Float64Array;
  g: Codes;
  m: Codes;
  /** It begins with the mark that lets a control leave it out. */
  optional: boolean;
  /** Bits of letters of lengths whose figure has no point though it is not nought, and of those that have one and no places. */
  bare: number;
  pointed: number;
  /** A letter that stands twice; 0 for none. */
  twice: number;
  /** What cannot be read as plain words. */
  trouble: 'macro' | 'unreadable' | 'long' | undefined;
}

/** Blocks longer than this many characters are no program's. */
export const LONGEST_BLOCK = 10_000;

/** More codes than this of one letter no block has. */
const MOST_CODES = 24;

const codes = (): Codes => ({ count: 0, codes: new Int32Array(MOST_CODES) });

export const emptyBlock = (): Block => ({
  seen: 0,
  value: new Float64Array(26),
  g: codes(),
  m: codes(),
  optional: false,
  bare: 0,
  pointed: 0,
  twice: 0,
  trouble: undefined,
});

/** The place of a capital letter in the alphabet. */
export const letterAt = (letter: string): number => letter.charCodeAt(0) - 65;

const [TAB, LF, CR, SPACE, PERCENT, OPEN, CLOSE, PLUS, MINUS, POINT, SLASH, COLON, SEMICOLON] = [
  9, 10, 13, 32, 37, 40, 41, 43, 45, 46, 47, 58, 59,
] as const;
/** Letters of lengths. */
const LENGTHS = [...'XYZRIJKQ'].reduce((bits, letter) => bits | (1 << letterAt(letter)), 0);

const [G, M, N, O] = [6, 12, 13, 14] as const;

/** Tens, for figures behind the point: a whole number over one of these is the nearest there is to the decimal. */
const TENS = Array.from({ length: 23 }, (_, i) => 10 ** i);

/** Digits that a figure holds exactly. */
const MOST_DIGITS = 15;

const isEnd = (byte: number): boolean => byte === LF || byte === CR;

/** From `at` to the end of the line. */
function lineEnd(bytes: Uint8Array, at: number): number {
  let end = at;
  while (end < bytes.length && !isEnd(bytes[end] ?? LF)) end += 1;
  return end;
}

/**
 * Reads one line into a block, from its first byte; comments, block numbers and program numbers are left out.
 *
 * @returns where the line ends: its line feed, or the end of the bytes
 */
export function scanBlock(bytes: Uint8Array, start: number, block: Block): number {
  block.seen = 0;
  block.g.count = 0;
  block.m.count = 0;
  block.optional = false;
  block.bare = 0;
  block.pointed = 0;
  block.twice = 0;
  block.trouble = undefined;
  const length = bytes.length;
  let at = start;
  while (at < length) {
    let byte = bytes[at] ?? LF;
    if (byte === LF || byte === CR) return at;
    if (at - start > LONGEST_BLOCK) return troubled(bytes, at, block, 'long');
    if (byte === SPACE || byte === TAB || byte === PERCENT) {
      at += 1;
      continue;
    }
    if (byte === OPEN) {
      while (at < length && bytes[at] !== CLOSE && !isEnd(bytes[at] ?? LF)) at += 1;
      if (bytes[at] === CLOSE) at += 1;
      continue;
    }
    if (byte === SEMICOLON) return lineEnd(bytes, at);
    if (byte === SLASH && block.seen === 0 && block.g.count + block.m.count === 0) {
      block.optional = true;
      at += 1;
      continue;
    }
    // A program number, as some write it.
    if (byte === COLON) byte = O + 65;
    const letter = (byte & ~32) - 65;
    if (letter < 0 || letter > 25) return troubled(bytes, at, block, macroSign(byte) ? 'macro' : 'unreadable');
    at += 1;
    let next = bytes[at] ?? LF;
    while (next === SPACE || next === TAB) next = bytes[(at += 1)] ?? LF;
    let negative = false;
    if (next === MINUS || next === PLUS) {
      negative = next === MINUS;
      next = bytes[(at += 1)] ?? LF;
      while (next === SPACE || next === TAB) next = bytes[(at += 1)] ?? LF;
    }
    const first = at;
    let whole = 0;
    let kept = 0;
    while (next >= 48 && next <= 57) {
      whole = whole * 10 + (next - 48);
      kept += 1;
      next = bytes[(at += 1)] ?? LF;
    }
    let digits = at - first;
    let places = 0;
    const point = next === POINT;
    if (point) {
      next = bytes[(at += 1)] ?? LF;
      while (next >= 48 && next <= 57) {
        // More places than a figure holds say nothing more.
        if (kept < MOST_DIGITS) {
          whole = whole * 10 + (next - 48);
          kept += 1;
          places += 1;
        }
        digits += 1;
        next = bytes[(at += 1)] ?? LF;
      }
    }
    // A power of ten, as spreadsheets write it, is no word of its own: 6.1e-17 is not 6.1.
    const power = (next & ~32) === 69 && isPower(bytes[at + 1] ?? LF);
    if (digits === 0 || kept > MOST_DIGITS || power)
      return troubled(bytes, at, block, !power && (macroSign(next) || (next & ~32) >= 65) ? 'macro' : 'unreadable');
    const size = places > 0 ? whole / (TENS[places] ?? 1) : whole;
    take(block, letter, negative ? -size : size);
    if (whole !== 0 && (LENGTHS & (1 << letter)) !== 0) {
      if (!point) block.bare |= 1 << letter;
      else if (places === 0) block.pointed |= 1 << letter;
    }
  }
  return at;
}

/** What goes on a power of ten: its sign, or its first digit. */
const isPower = (byte: number): boolean => byte === PLUS || byte === MINUS || (byte >= 48 && byte <= 57);

/** Signs of variables, sums and conditions. */
const macroSign = (byte: number): boolean => '#[]=<>*&'.includes(String.fromCharCode(byte));

function troubled(bytes: Uint8Array, at: number, block: Block, trouble: Block['trouble']): number {
  block.trouble = trouble;
  return lineEnd(bytes, at);
}

function take(block: Block, letter: number, value: number): void {
  if (letter === N || letter === O) return;
  if (letter === G || letter === M) {
    const list = letter === G ? block.g : block.m;
    if (list.count < MOST_CODES) list.codes[list.count++] = Math.round(value * 10);
    return;
  }
  const bit = 1 << letter;
  if ((block.seen & bit) !== 0) block.twice = letter + 65;
  block.seen |= bit;
  block.value[letter] = value;
}
