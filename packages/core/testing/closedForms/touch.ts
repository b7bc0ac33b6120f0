import type { Approach } from '../../src/schema/quantities';

/** A stand-in for a real axis with a part on it: what only the mill knows. All mm. */
export interface HiddenFace {
  /** True coordinate of the face on the scale as it is now. */
  at: number;
  approach: Approach;
  /** True contact radius, feeler and run-out included. */
  radius: number;
}

/**
 * What the scale shows when the contact just touches the face: the spindle's coordinate, off by the
 * noise of this touch, rounded to the display's step.
 *
 * @param noise error of this touch, mm
 * @param step display step, mm; 0 for none
 */
export function touchFace(face: HiddenFace, noise: number, step: number): number {
  const spindle = face.at - face.approach * face.radius + noise;
  return step === 0 ? spindle : Math.round(spindle / step) * step;
}

/** A vertical axis: what only the mill knows of a tool over a gauge. All mm. */
export interface HiddenHeight {
  /** Z of the gauge line when the tool's tip would be at scale zero. */
  surface: number;
  gauge: number;
  toolLength: number;
}

/** Z shown when the tool just touches a gauge standing on the surface. */
export const touchHeight = ({ surface, gauge, toolLength }: HiddenHeight, noise = 0): number =>
  surface + gauge + toolLength + noise;
