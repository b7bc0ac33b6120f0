/** A straight stretch, mm. */
export interface Stretch {
  x0: number;
  y0: number;
  z0: number;
  x1: number;
  y1: number;
  z1: number;
}

/** A place that reaches down from everywhere above: a tool's tip is in it where it is lower than the top. mm. */
export interface Pillar {
  x0: number;
  x1: number;
  y0: number;
  y1: number;
  top: number;
}

/** What is not known of a stretch's beginning is taken from its end. */
const known = (from: number, to: number): number => (Number.isNaN(from) ? to : from);

/**
 * The lowest a stretch comes inside a pillar, mm; undefined where it stays out of it, or where nothing is known of it.
 * A tool reaches up from its tip, so what counts is to be within its outline and lower than its top.
 */
export function lowestWithin(stretch: Stretch, pillar: Pillar): number | undefined {
  const { x1, y1, z1 } = stretch;
  const z0 = known(stretch.z0, z1);
  if (z0 >= pillar.top && z1 >= pillar.top) return undefined;
  const [x0, y0] = [known(stretch.x0, x1), known(stretch.y0, y1)];
  // A million stretches are looked at: one axis after the other, and nothing made on the way.
  let from = 0;
  let to = 1;
  for (let axis = 0; axis < 3; axis += 1) {
    const a = axis === 0 ? x0 : axis === 1 ? y0 : z0;
    const b = axis === 0 ? x1 : axis === 1 ? y1 : z1;
    const low = axis === 0 ? pillar.x0 : axis === 1 ? pillar.y0 : -Infinity;
    const high = axis === 0 ? pillar.x1 : axis === 1 ? pillar.y1 : pillar.top;
    if (a > low && a < high && b > low && b < high) continue;
    const way = b - a;
    if (way === 0) return undefined;
    from = Math.max(from, ((way > 0 ? low : high) - a) / way);
    to = Math.min(to, ((way > 0 ? high : low) - a) / way);
    if (!(from < to)) return undefined;
  }
  return Math.min(z0 + (z1 - z0) * from, z0 + (z1 - z0) * to);
}
