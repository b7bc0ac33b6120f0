import type { Axis } from '../../schema/quantities';
import type { Coordinates } from './spec';
import type { Mill } from './mill';

/** Nothing is shown as less than nothing. */
const plain = (value: number): number => (value === 0 ? 0 : value);

/** What the scale of an axis shows, mm, in whole steps. */
export function shows({ spec, screw, at, zero }: Mill, axis: Axis): number {
  const raw = (spec.reads === 'table' ? at[axis] : screw[axis]) - zero[axis];
  return plain(Math.round(raw / spec.step[axis]) * spec.step[axis]);
}

export const shown = (mill: Mill): Coordinates => ({ x: shows(mill, 'x'), y: shows(mill, 'y'), z: shows(mill, 'z') });
