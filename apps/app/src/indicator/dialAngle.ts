/** Angle of the pointer for a reading, degrees clockwise from the top: one turn of the dial is `perTurn`. */
export const pointerAngle = (reading: number, perTurn: number): number => (reading / perTurn) * 360;

/** The way from one pointer angle to another by the shorter side, degrees. */
export const shortWay = (from: number, to: number): number => ((((to - from) % 360) + 540) % 360) - 180;

/** A reading as the dial can show it: on a line of its scale, and inside its range. */
export function dialAngle(reading: number, resolution: number, range: number): number {
  const line = Math.round(reading / resolution) * resolution;
  const clamped = Math.max(-range, Math.min(range, line));
  return clamped === 0 ? 0 : clamped;
}
