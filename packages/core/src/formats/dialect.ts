import type { DialectName } from '../records/values/dialects';

/** How one family of controls takes the words that differ between them (ISO 6983-1 leaves these to the maker). */
export interface Dialect {
  /** What it is called: by what it does. */
  name: string;
  /** In a sentence, for whoever compares it with the manual. */
  says: string;
  /** How R and Z of a drilling cycle count in absolute coordinates; no cycles where there are none. */
  cycles: 'heights' | 'distances' | 'none';
  /** The line that sets a row of the tool table; null where the rows are typed by hand. */
  row: ((tool: number, length: string) => string) | null;
}

export const DIALECTS: Readonly<Record<DialectName, Dialect>> = {
  'plain-moves': {
    name: 'Plain moves',
    says: 'No drilling cycles: every move is written out, pecks too. Rows of the tool table are typed by hand.',
    cycles: 'none',
    row: null,
  },
  'reference-height': {
    name: 'Cycles, R as a height',
    says: 'R and Z of a cycle are heights above Z zero, Q is one peck; a row of the tool table is G10 L1 with P and Z.',
    cycles: 'heights',
    row: (tool, length) => `G10 L1 P${tool} Z${length}`,
  },
  'reference-distance': {
    name: 'Cycles, R as a distance',
    says: 'R counts from the tool’s height, and Z from R; Q is one peck; a row of the tool table is G10 L10 with P and R.',
    cycles: 'distances',
    row: (tool, length) => `G10 L10 P${tool} R${length}`,
  },
};
