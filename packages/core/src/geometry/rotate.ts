import type { Point } from './point';
import { sumSection, type WorkingSection } from '../working/working';
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

/**
 * U of a point that is turned with the part about part zero: the datum's own, and what the turn is not known by swings
 * it across (JCGM 100:2008, 5.1.2, of x cos t - y sin t and x sin t + y cos t). mm; the turn's U in degrees.
 *
 * @example rotatedU({ x: 100, y: 0 }, { x: 0.01, y: 0.01 }, 0.01) // { x: 0.01, y: 0.0201 }
 */
export function rotatedU({ x, y }: Point, datum: Point, turnU: number): Point {
  const swing = (turnU * Math.PI) / 180;
  return { x: Math.hypot(datum.x, y * swing), y: Math.hypot(datum.y, x * swing) };
}

/** The turn of one point as sections of a tape, for a part whose angle is carried. */
export function rotateSections({ x, y }: Point, angle: number): WorkingSection[] {
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
