import type { Axis } from '../../schema/quantities';

/** What is set, in words: "X and Y set, Z not yet". */
export function axesSetWords(set: readonly Axis[]): string {
  const open = (['x', 'y', 'z'] as const).filter((axis) => !set.includes(axis));
  const list = (axes: readonly Axis[]) => axes.map((axis) => axis.toUpperCase()).join(' and ');
  if (set.length === 0) return 'nothing set yet';
  return open.length === 0 ? 'X, Y and Z set' : `${list(set)} set, ${list(open)} not yet`;
}
