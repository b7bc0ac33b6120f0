/** Families of controls by the words they understand; `formats/dialect.ts` says what each means. */
export const DIALECT_NAMES = ['plain-moves', 'reference-height', 'reference-distance'] as const;

export type DialectName = (typeof DIALECT_NAMES)[number];

/** What a machine is taken to understand until somebody says more: words that mean the same on every control. */
export const PLAINEST: DialectName = 'plain-moves';
