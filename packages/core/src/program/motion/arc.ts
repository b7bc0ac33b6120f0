/** An arc in its own plane: u and v across, w along the plane's normal. mm. */
export interface Arc {
  from: { u: number; v: number; w: number };
  to: { u: number; v: number; w: number };
  centre: { u: number; v: number };
  clockwise: boolean;
}

/** A chord never stands further than this from its arc, mm. */
const CHORD_ERROR = 0.01;

const MOST_CHORDS = 720;

const FULL = 2 * Math.PI;

/**
 * The centre of an arc given by its radius: a plus one the short way round, a minus one the long way (ISO 6983-1).
 *
 * @returns undefined where the ends are one place, or further apart than two radii by more than `slack`
 */
export function centreByRadius(
  from: { u: number; v: number },
  to: { u: number; v: number },
  radius: number,
  clockwise: boolean,
  slack = 0.01,
): { u: number; v: number } | undefined {
  const [du, dv] = [to.u - from.u, to.v - from.v];
  const chord = Math.hypot(du, dv);
  const size = Math.abs(radius);
  if (chord === 0 || chord / 2 > size + slack) return undefined;
  const height = Math.sqrt(Math.max(0, size ** 2 - (chord / 2) ** 2));
  const side = radius > 0 === clockwise ? -1 : 1;
  return {
    u: (from.u + to.u) / 2 + (side * height * -dv) / chord,
    v: (from.v + to.v) / 2 + (side * height * du) / chord,
  };
}

/** How far apart the two radii of an arc are, from its centre to both ends, mm. */
export const radiusMismatch = ({ from, to, centre }: Arc): number =>
  Math.abs(Math.hypot(from.u - centre.u, from.v - centre.v) - Math.hypot(to.u - centre.u, to.v - centre.v));

/**
 * An arc as chords, the last one ending where the arc does; a helix climbs evenly. Ends at one place make a full turn.
 *
 * @example chordsOf({ from: { u: 1, v: 0, w: 0 }, to: { u: 0, v: 1, w: 0 }, centre: { u: 0, v: 0 }, clockwise: false }).at(-1) // { u: 0, v: 1, w: 0 }
 */
export function chordsOf(arc: Arc, turns = 1): { u: number; v: number; w: number }[] {
  const { from, to, centre, clockwise } = arc;
  const radius = Math.hypot(from.u - centre.u, from.v - centre.v);
  const start = Math.atan2(from.v - centre.v, from.u - centre.u);
  const end = Math.atan2(to.v - centre.v, to.u - centre.u);
  const turned = clockwise ? start - end : end - start;
  const least = Math.hypot(from.u - to.u, from.v - to.v) < 1e-6 ? FULL : ((turned % FULL) + FULL) % FULL;
  const sweep = least + FULL * (Math.max(1, turns) - 1);
  const step = radius > CHORD_ERROR ? 2 * Math.acos(1 - CHORD_ERROR / radius) : FULL / 8;
  const count = Math.min(MOST_CHORDS, Math.max(2, Math.ceil(sweep / step)));
  const chords = [];
  for (let i = 1; i < count; i += 1) {
    const angle = start + ((clockwise ? -1 : 1) * sweep * i) / count;
    chords.push({
      u: centre.u + radius * Math.cos(angle),
      v: centre.v + radius * Math.sin(angle),
      w: from.w + ((to.w - from.w) * i) / count,
    });
  }
  return [...chords, to];
}
