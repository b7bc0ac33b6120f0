import type { Part } from '../../records/shop/part';
import { formatLength } from '../../units/formatLength';
import type { LengthUnit } from '../../units/unit';

/** What a part is made of and how large it is; a size nobody told is said to be so. */
export function materialSize({ material, size, untold = [] }: Part, unit: LengthUnit): string {
  const sizes = (['x', 'y', 'z'] as const).map((axis) =>
    untold.includes(axis) ? '?' : formatLength(size[axis], { unit }),
  );
  return `${material === '' ? '' : `${material}, `}${sizes.join(' × ')} ${unit}`;
}
