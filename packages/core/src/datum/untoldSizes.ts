import type { Feature } from '../records/setup/datumPlan';
import type { Part } from '../records/shop/part';
import type { PartZero } from '../records/setup/plan';
import { nominalOf } from './feature';

/**
 * Sizes of the part that a feature's place hangs on and that nobody has told yet: until they are, touching it says where
 * it is on the scale, and not where zero is.
 *
 * @example untoldSizes({ ...plate, untold: ['x'] }, 'front-left', { kind: 'face', face: 'right' }) // ['x']
 */
export function untoldSizes(
  part: Part,
  partZero: PartZero,
  feature: Feature,
  known: Readonly<Record<string, number>> = {},
): ('x' | 'y')[] {
  const at = nominalOf(part, partZero, feature, known);
  return (['x', 'y'] as const).filter((axis) => {
    if (!part.untold?.includes(axis)) return false;
    const longer = { ...part, size: { ...part.size, [axis]: 2 * part.size[axis] } };
    return nominalOf(longer, partZero, feature, known)[axis] !== at[axis];
  });
}
