/** The outer faces of a part that are touched from the side, as seen from above. */
export const FACES = ['left', 'right', 'front', 'back'] as const;

/** Places on a part's top that X and Y zero may stand on. */
export const PART_ZEROS = ['front-left', 'front-right', 'back-left', 'back-right', 'centre'] as const;
