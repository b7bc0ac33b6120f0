/** Radians in a degree, and degrees in a radian. */
export const RADIANS = Math.PI / 180;
export const DEGREES = 180 / Math.PI;

/** Cosine of an angle in degrees; exactly 0 and ±1 on the axes, where the float of π is not. */
export const cosDegrees = (degrees: number): number => sinDegrees(degrees + 90);

/** Sine of an angle in degrees; exactly 0 and ±1 on the axes. */
export function sinDegrees(degrees: number): number {
  const turn = ((degrees % 360) + 360) % 360;
  if (turn % 180 === 0) return 0;
  if (turn === 90) return 1;
  if (turn === 270) return -1;
  return Math.sin(turn * RADIANS);
}
