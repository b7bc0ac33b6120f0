/** Something on a drawing that wants to be tapped: its middle and size, px. */
export interface TargetWanted<T> {
  thing: T;
  x: number;
  y: number;
  width: number;
  height: number;
}

/** Smallest target for a gloved finger, px. */
const LEAST = 48;

/** Two targets that only share an edge are told apart by a finger, but not by a program that looks for overlaps. */
const GAP = 1;

const overlaps = <T>(a: TargetWanted<T>, b: TargetWanted<T>): boolean =>
  Math.abs(a.x - b.x) < (a.width + b.width) / 2 + GAP && Math.abs(a.y - b.y) < (a.height + b.height) / 2 + GAP;

/**
 * Gives each its place, the first come first, at least a finger in size; what would overlap is left over, to be offered
 * in words instead.
 */
export function placeTargets<T>(wanted: readonly TargetWanted<T>[]): { placed: TargetWanted<T>[]; left: T[] } {
  const placed: TargetWanted<T>[] = [];
  const left: T[] = [];
  for (const one of wanted) {
    const grown = { ...one, width: Math.max(LEAST, one.width), height: Math.max(LEAST, one.height) };
    if (placed.some((other) => overlaps(grown, other))) left.push(one.thing);
    else placed.push(grown);
  }
  return { placed, left };
}
