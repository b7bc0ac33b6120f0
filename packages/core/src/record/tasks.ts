/** What is lined up before the first edge. */
export const ALIGNMENT_TASKS = ['vise', 'head', 'centre', 'chuck', 'level', 'skew'] as const;
