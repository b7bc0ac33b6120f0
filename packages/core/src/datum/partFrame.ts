import type { Face } from '../records/values/subject';
import type { Approach } from '../schema/quantities';
import type { PartZero } from '../records/setup/plan';
import type { Part } from '../records/shop/part';
import type { Point } from '../geometry/point';

/** Part zero measured from the part's front left corner, mm. */
export function zeroOf(part: Part, partZero: PartZero): Point {
  const { x, y } = part.size;
  switch (partZero) {
    case 'front-left':
      return { x: 0, y: 0 };
    case 'front-right':
      return { x, y: 0 };
    case 'back-left':
      return { x: 0, y };
    case 'back-right':
      return { x, y };
    case 'centre':
      return { x: x / 2, y: y / 2 };
  }
}

/** The part's sides from part zero, seen from above, mm. */
export function outlineOf(
  part: Part,
  partZero: PartZero,
): { left: number; bottom: number; right: number; top: number } {
  const { x, y } = zeroOf(part, partZero);
  return { left: -x, bottom: -y, right: part.size.x - x, top: part.size.y - y };
}

/** How each outer face is touched: along which axis, the tool moving which way, and from where. */
export const FACE_TOUCH: Readonly<Record<Face, { axis: 'x' | 'y'; approach: Approach; from: string }>> = {
  left: { axis: 'x', approach: 1, from: 'the left' },
  right: { axis: 'x', approach: -1, from: 'the right' },
  front: { axis: 'y', approach: 1, from: 'the front' },
  back: { axis: 'y', approach: -1, from: 'the back' },
};
