/** Touches nearer together than this along their face are of one place, mm. */
const ONE_PLACE = 1;

/**
 * Whether two touches of one face are of one place along it: the one measure by which they are averaged, listed and
 * counted as repeats. A touch that does not say where it was is of a place of its own.
 */
export const sameTouchPoint = (a: { value: number } | undefined, b: { value: number } | undefined): boolean =>
  a === undefined || b === undefined ? a === b : Math.abs(a.value - b.value) <= ONE_PLACE;
