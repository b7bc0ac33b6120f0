/** What is lined up before the first edge, in the order it is done: the head first, since the vise is read under it. */
export const ALIGNMENT_TASKS = ['head', 'vise', 'centre', 'chuck', 'level', 'skew'] as const;
