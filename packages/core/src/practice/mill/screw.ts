/**
 * Where a table is that a screw with play pushes: it follows once the play is used up, from the side it is pushed from. mm.
 *
 * @param at where it was
 * @param screw where the screw is now
 * @param play backlash of the screw in its nut
 */
export const withBacklashTaken = (at: number, screw: number, play: number): number =>
  Math.min(Math.max(at, screw - play / 2), screw + play / 2);
