/** A hole to measure: its number, where it is and its size, mm. */
export interface MeasuredHole {
  hole: number;
  x: number;
  y: number;
  diameter: number;
}

/** What can be measured between two holes once they are made, mm. */
export interface HoleMeasure {
  from: number;
  to: number;
  /** Centre to centre. */
  centres: number;
  /** Over pins that fill both holes, outside to outside. */
  overPins: number;
  /** Between the pins, inside to inside: a feeler or gauge block; the web itself. */
  betweenPins: number;
}

/** Most that are listed. */
const MOST = 60;

/** What to measure between two holes. */
function measureBetween(a: MeasuredHole, b: MeasuredHole): HoleMeasure {
  const centres = Math.hypot(b.x - a.x, b.y - a.y);
  const pins = (a.diameter + b.diameter) / 2;
  return { from: a.hole, to: b.hole, centres, overPins: centres + pins, betweenPins: centres - pins };
}

/**
 * What to measure of a pattern afterwards: each hole to the next, the last to the first of a closed one, and the two
 * holes farthest apart, which show a wrong angle best. mm.
 *
 * @example holeMeasures([{ hole: 1, x: 0, y: 0, diameter: 4 }, { hole: 2, x: 24, y: 0, diameter: 4 }], false)[0].overPins // 28
 */
export function holeMeasures(holes: readonly MeasuredHole[], closed: boolean): HoleMeasure[] {
  const pairs = holes.slice(0, MOST).flatMap((hole, i) => {
    const next = holes[i + 1] ?? (closed && holes.length > 2 ? holes[0] : undefined);
    return next ? [measureBetween(hole, next)] : [];
  });
  const far = farthest(holes.slice(0, MOST));
  const known = pairs.some(
    ({ from, to }) => far && ((from === far.from && to === far.to) || (from === far.to && to === far.from)),
  );
  return far && !known ? [...pairs, far] : pairs;
}

function farthest(holes: readonly MeasuredHole[]): HoleMeasure | undefined {
  let best: HoleMeasure | undefined;
  holes.forEach((a, i) => {
    for (const b of holes.slice(i + 1)) {
      const one = measureBetween(a, b);
      if (!best || one.centres > best.centres + 1e-9) best = one;
    }
  });
  return best;
}
