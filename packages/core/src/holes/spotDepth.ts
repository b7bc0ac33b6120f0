/** A spot as deep as its hole wants it, or as the spot drill's own cone allows. */
export interface SpotDepth {
  /** Depth of the point, mm. */
  depth: number;
  /** The spot drill's cone ends before the break is reached. */
  capped: boolean;
}

/** Break left all round where nothing was said, mm. */
export const USUAL_BREAK = 0.15;

/** Point angle of a common spot drill, degrees. */
const USUAL_ANGLE = 90;

/**
 * How deep the point of a spot drill goes, so that the hole drilled after has its edge broken all round:
 * (D/2 + c) / tan(φ/2), never beyond the spot drill's own cone, nor deeper than the hole itself. mm, degrees.
 *
 * @param spot diameter of the spot drill; its cone is as deep as that allows
 * @param most depth of the hole, where it was said
 * @example spotDepth(4.2) // { depth: 2.25, capped: false }
 */
export function spotDepth(
  hole: number,
  {
    edge = USUAL_BREAK,
    angle = USUAL_ANGLE,
    spot,
    most = Infinity,
  }: { edge?: number; angle?: number; spot?: number | undefined; most?: number | undefined } = {},
): SpotDepth {
  const flank = Math.tan((angle * Math.PI) / 360);
  const wanted = (hole / 2 + edge) / flank;
  const cone = spot === undefined ? Infinity : spot / 2 / flank;
  return { depth: Math.min(wanted, cone, most), capped: wanted > cone + 1e-9 };
}
