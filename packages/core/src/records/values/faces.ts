/** The faces that are touched from the side, as seen from above. */
export const FACES = ['left', 'right', 'front', 'back'] as const;

export const CORNERS = ['front-left', 'front-right', 'back-left', 'back-right'] as const;

export type Corner = (typeof CORNERS)[number];

/** Places on a part's top that X and Y zero may stand on. */
export const PART_ZEROS = [...CORNERS, 'centre'] as const;

/** A corner true to the axes by one touch of each face; with the skew, taken as square; or both faces measured. */
export const CORNER_WAYS = ['axes', 'square', 'measured'] as const;

export type CornerWay = (typeof CORNER_WAYS)[number];

/** A bore or boss by opposite walls, by three touches or more, by an indicator sweep, by a plug, or by the control's own cycle. */
export const ROUND_WAYS = ['pairs', 'points', 'sweep', 'plug', 'cycle'] as const;

export type RoundWay = (typeof ROUND_WAYS)[number];
