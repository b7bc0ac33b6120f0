/** Smallest target for a gloved finger, px. */
export const TARGET = 48;

/** Height of the one main action, px. */
export const MAIN_TARGET = 56;

export const GAP = 12;
