import { cosDegrees, sinDegrees } from '../units/degrees';

/** X, Y and Z of a point, mm. */
export type Vector = readonly [number, number, number];

/** A rotary axis by its letter: A turns about X, B about Y, C about Z (ISO 841). */
export type RotaryLetter = 'A' | 'B' | 'C';

/** Names of the coordinates of a vector. */
export const COORDINATES = ['X', 'Y', 'Z'] as const;

/** The two coordinates an axis turns, right-handed about it: Y to Z about X, Z to X about Y, X to Y about Z (ISO 841). */
export const ACROSS: Readonly<Record<RotaryLetter, readonly [0 | 1 | 2, 0 | 1 | 2]>> = {
  A: [1, 2],
  B: [2, 0],
  C: [0, 1],
};

/** Names of the two coordinates across an axis, in the order its centre has them. */
export const acrossNames = (axis: RotaryLetter): readonly ['X' | 'Y' | 'Z', 'X' | 'Y' | 'Z'] => [
  COORDINATES[ACROSS[axis][0]],
  COORDINATES[ACROSS[axis][1]],
];

/** What the part turns by, right-handed about the axis, degrees: against the command where its sense is +1 (ISO 841). */
export const partTurn = ({ sense, command }: { sense: 1 | -1; command: number }): number => -sense * command + 0;

/** A point of the plane turned about another, counter-clockwise. mm, degrees. */
export function turnedInPlane(
  [u, v]: readonly [number, number],
  [cu, cv]: readonly [number, number],
  by: number,
): [number, number] {
  const [c, s] = [cosDegrees(by), sinDegrees(by)];
  return [cu + (u - cu) * c - (v - cv) * s, cv + (u - cu) * s + (v - cv) * c];
}

/** A point turned with the part about one axis. mm, degrees. */
export function turnedAbout(point: Vector, name: RotaryLetter, centre: readonly [number, number], by: number): Vector {
  const [i, j] = ACROSS[name];
  const [u, v] = turnedInPlane([point[i], point[j]], centre, by);
  const next: [number, number, number] = [...point];
  next[i] = u;
  next[j] = v;
  return next;
}
