/** Smallest target for a gloved finger, px. */
export const TARGET = 48;

/** Height of the one main action, px. */
export const MAIN_TARGET = 56;

export const GAP = 12;

/** Above and below the words of a chip, whose line is 30 px high: they stand in the middle of a target. */
export const CHIP_WORDS = { marginVertical: (TARGET - 30) / 2 } as const;
