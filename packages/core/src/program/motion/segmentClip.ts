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
 * Whether the box between the two ends of a stretch reaches into a pillar: where each axis goes at its own full speed until
 * it is there, the way across is anywhere in that box. What goes along one axis alone, or is not known, is a line.
 */
export function sweepsInto({ x0, y0, z0, x1, y1, z1 }: Stretch, pillar: Pillar): boolean {
  if (Number.isNaN(x0 + y0) || x0 === x1 || y0 === y1) return false;
  if (Math.min(known(z0, z1), z1) >= pillar.top) return false;
  return (
    Math.max(x0, x1) > pillar.x0 &&
    Math.min(x0, x1) < pillar.x1 &&
    Math.max(y0, y1) > pillar.y0 &&
    Math.min(y0, y1) < pillar.y1
  );
}

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
