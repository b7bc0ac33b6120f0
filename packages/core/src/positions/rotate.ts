import type { Point } from '../datum/partFrame';
import { sumSection, type TapeSection } from '../tape/tape';
import { cosDegrees, sinDegrees } from '../units/degrees';

/**
 * A point turned about part zero, counter-clockwise seen from above; degrees, mm.
 *
 * @example rotate({ x: 10, y: 0 }, 90) // { x: 0, y: 10 }
 */
export function rotate<P extends Point>(point: P, angle: number): P {
  if (angle === 0) return point;
  const [c, s] = [cosDegrees(angle), sinDegrees(angle)];
  return { ...point, x: point.x * c - point.y * s, y: point.x * s + point.y * c };
}

/** The turn of one point as sections of a tape, for a part whose angle is carried. */
export function rotateSections({ x, y }: Point, angle: number): TapeSection[] {
  const [c, s] = [cosDegrees(angle), sinDegrees(angle)];
  return [
    sumSection(
      'X on the turned part',
      [
        { label: 'X × cos', value: x * c, detail: [{ length: x }, ' × cos ', { angle }] },
        { label: 'less Y × sin', value: -y * s, detail: [{ length: y }, ' × sin ', { angle }] },
      ],
      'X to go to',
    ),
    sumSection(
      'Y on the turned part',
      [
        { label: 'X × sin', value: x * s, detail: [{ length: x }, ' × sin ', { angle }] },
        { label: 'Y × cos', value: y * c, detail: [{ length: y }, ' × cos ', { angle }] },
      ],
      'Y to go to',
    ),
  ];
}
