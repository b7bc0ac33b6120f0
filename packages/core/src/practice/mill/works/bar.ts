/** A boring bar that springs: of what it is set beyond the bore and c, it cuts the share k. mm on the diameter. */
export interface SpringyBar {
  k: number;
  c: number;
}

/** The bore after a pass at a setting; a bar set to less than the bore cuts nothing. mm on the diameter. */
export const boredTo = ({ k, c }: SpringyBar, bore: number, set: number): number =>
  Math.max(bore, bore + k * (set - bore - c));
