/** Smallest target for a gloved finger, px. */
export const TARGET = 48;

/** Height of the one main action, px. */
export const MAIN_TARGET = 64;

/** What a phone browser's own bar may cover, px. */
export const BROWSER_BAR = 60;

export const GAP = 12;
