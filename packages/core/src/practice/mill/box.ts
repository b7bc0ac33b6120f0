import type { Point } from '../../geometry/point';
import { rotate } from '../../geometry/rotate';
import type { Hidden } from './hiddenTruth';
import type { Mill } from './mill';

/** The block that stands under the spindle now: its front left corner and its top in the mill's own frame, and its size. mm. */
export interface MillBox {
  corner: { x: number; y: number };
  top: number;
  size: { x: number; y: number; z: number };
}

/**
 * The part as it stands: faced off by what came off it, or on its table as that is tilted.
 *
 * A plus command turns the tool right-handed about X (ISO 841), so the part the other way: at +90 its top looks toward +Y.
 *
 * @returns undefined where it is askew, and no side of it is square to an axis
 */
export function boxOf({ hidden, work }: Pick<Mill, 'hidden' | 'work'>): MillBox | undefined {
  const { corner, size, top } = hidden;
  if (work?.kind === 'facing') return { corner, size: { ...size, z: size.z - work.off }, top: top - work.off };
  if (work?.kind === 'seat') return { corner, size, top: top + (work.off.left + work.off.right) / 2 };
  if (work?.kind === 'table') return { corner: { x: corner.x + work.moved.x, y: corner.y + work.moved.y }, size, top };
  if (work?.kind !== 'tilt') return hidden;
  const { axis, face, sense } = work;
  const command = sense * work.command;
  if (command === 0) return { corner: { x: corner.x, y: axis.y - size.y / 2 }, size, top: axis.z + face };
  if (Math.abs(command) !== 90) return undefined;
  const front = command > 0 ? axis.y + face - size.z : axis.y - face;
  return {
    corner: { x: corner.x, y: front },
    size: { x: size.x, y: size.z, z: size.y },
    top: axis.z + size.y / 2,
  };
}

/** A place seen from above in the mill's own frame, as it is on the part: from its front left corner along its own sides, mm. */
export const isOnPart = ({ hidden: { turned = 0 } }: Pick<Mill, 'hidden'>, { corner }: MillBox, at: Point): Point =>
  rotate({ x: at.x - corner.x, y: at.y - corner.y }, -turned);

/** The part as it should be clamped: down on its parallels, nothing cut off it, and its table not tilted. */
export function clampedBox({ hidden, work }: Pick<Mill, 'hidden' | 'work'>): MillBox {
  if (work?.kind === 'table') return boxOf({ hidden, work }) ?? hidden;
  return (work?.kind === 'tilt' && boxOf({ hidden, work: { ...work, command: 0 } })) || hidden;
}

/** Where the part is highest, however it stands, mm. */
export const topOf = (mill: Pick<Mill, 'hidden' | 'work'>): number => boxOf(mill)?.top ?? reachOf(mill);

/** So high a table that is being tilted reaches, mm. */
export function reachOf({ hidden, work }: { hidden: Hidden; work: Mill['work'] }): number {
  if (work?.kind !== 'tilt') return hidden.top;
  return work.axis.z + Math.hypot(hidden.size.y / 2, Math.max(work.face, hidden.size.z));
}
