/** What is not as it was when a length was kept: the tool itself, or the reference tool it was held against. */
export type Stale = 'tool' | 'reference';
