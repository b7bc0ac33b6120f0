import type { Axis } from '../../schema/quantities';
import type { Coordinates } from './millSpec';
import type { Mill } from './mill';

/** Nothing is shown as less than nothing. */
const plain = (value: number): number => (value === 0 ? 0 : value);

/** The zero that is counted from: the readout's first, or its second while that is in sight. */
export const zeroInSight = ({ zero, second, scale }: Mill): Coordinates => (scale === 'incremental' ? second : zero);

/** What the scale of an axis shows, mm, in whole steps. */
export function shows(mill: Mill, axis: Axis): number {
  const { spec, screw, at } = mill;
  const raw = (spec.reads === 'table' ? at[axis] : screw[axis]) - zeroInSight(mill)[axis];
  return plain(Math.round(raw / spec.step[axis]) * spec.step[axis]);
}

export const scaleReadings = (mill: Mill): Coordinates => ({
  x: shows(mill, 'x'),
  y: shows(mill, 'y'),
  z: shows(mill, 'z'),
});
