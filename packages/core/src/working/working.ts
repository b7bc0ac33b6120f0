/** A piece of a tape line's detail: words, or a number still to be shown in the reader's unit. */
export type DetailPart = string | { length: number } | { angle: number };

/** One term of a reckoning: what it is, its signed value, and the numbers behind it. */
export interface WorkingLine {
  label: string;
  /** Signed; mm or degrees by the section's quantity. */
  value: number;
  detail?: DetailPart[];
}

/**
 * One step of a reckoning. In a `sum` the lines add up to the total; in a `mean` they average to it;
 * in a `ratio` the total is worked from the lines as its label says.
 */
export interface WorkingSection {
  title: string;
  how: 'sum' | 'mean' | 'ratio';
  quantity: 'length' | 'angle';
  lines: WorkingLine[];
  total: WorkingLine;
}

/** The reckoning behind an answer, from the readings down to the figure shown. */
export interface Working {
  sections: WorkingSection[];
}

/** A section whose total is by construction the sum of its lines. */
export function sumSection(title: string, terms: WorkingLine[], total: string): WorkingSection {
  // A term of minus nothing is nothing: JSON and people know only one zero.
  const lines = terms.map((line) => ({ ...line, value: line.value + 0 }));
  const value = lines.reduce((sum, line) => sum + line.value, 0);
  return { title, how: 'sum', quantity: 'length', lines, total: { label: total, value } };
}

/** Readings and their mean. */
export function meanSection(title: string, readings: readonly number[], mean: number): WorkingSection {
  return {
    title,
    how: 'mean',
    quantity: 'length',
    lines: readings.map((value, i) => ({ label: `reading ${i + 1}`, value })),
    total: { label: readings.length === 1 ? 'one reading' : `mean of ${readings.length}`, value: mean },
  };
}
