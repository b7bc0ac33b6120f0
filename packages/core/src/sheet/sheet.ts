import type { PrintedSection } from '../working/printWorking';

/** How a column stands: words to the left, figures to the right. */
export interface SheetColumn {
  title: string;
  figures?: boolean;
  /** Its share of the width. */
  share: number;
}

/** A table or a few lines under one heading. Every figure is already as the screen shows it. */
export interface SheetSection {
  title: string;
  columns: readonly SheetColumn[];
  rows: readonly (readonly string[])[];
  /** Sentences under the table, or instead of one. */
  lines: readonly string[];
  /** How it is to be read: open items and cautions stand out. */
  tone: 'plain' | 'warn';
}

/** The part as it is drawn to scale: mm from its front left corner. */
export interface SheetDrawing {
  size: { x: number; y: number };
  zero: { x: number; y: number };
  /** Where zero is, in words. */
  zeroWords: string;
  /** How far the part lies turned, degrees. */
  turn: number;
  holes: readonly { x: number; y: number; diameter: number; number: number }[];
  boxes: readonly { name: string; left: number; front: number; right: number; back: number }[];
}

/** A setup as it is taped to the machine. */
export interface Sheet {
  title: string;
  /** Machine, part, how it is held, what for: name and value. */
  facts: readonly (readonly [name: string, value: string])[];
  drawing: SheetDrawing;
  sections: readonly SheetSection[];
  tapes: readonly { title: string; sections: readonly PrintedSection[] }[];
  /** What comes before anything on it. */
  caution: string;
  /** When it was made, ISO 8601. */
  at: string;
  /** Where the setup is found again, from the server's root. */
  path: string;
}
