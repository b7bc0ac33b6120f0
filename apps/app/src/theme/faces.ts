/** Words. */
export const SANS = '"Atkinson Hyperlegible Next", system-ui, sans-serif';

/** Numbers: one width for every digit, a slashed zero. */
export const MONO = '"JetBrains Mono", ui-monospace, monospace';
