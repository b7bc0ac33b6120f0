/** What is done to a hole, in the order it is done. */
export const HOLE_STEPS = ['spot', 'drill', 'ream', 'tap', 'bore'] as const;

export type HoleStep = (typeof HOLE_STEPS)[number];
