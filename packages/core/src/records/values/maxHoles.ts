/** Most holes one pattern may have. */
export const MAX_HOLES = 10_000;
