import { sumSection, type Working } from '../../working/working';
import {
  FINDINGS,
  type PatternFinding,
  type FindingKind,
  type PatternCheckInput,
  type PatternCheckOutput,
} from './patternCheck.schema';

/** Findings of one kind that are listed; the rest is counted. */
const LISTED = 50;

/** Pairs that are amiss are counted up to here: nobody reads on, and a pile of holes on one place has millions. */
const MOST_AMISS = 20_000;

/** Two holes closer than this are the same hole given twice, mm. */
const SAME = 0.01;

/** How much larger than the part the spread of holes is where a decimal point or a unit has gone wrong. */
const MAGNITUDE = 1.5;

/**
 * What is amiss with holes before they are drilled: metal between them or to the edge that is thinner than asked for,
 * holes that run into each other or are there twice, holes off the part or beyond the machine's travel, and a pattern so
 * much larger than the part that a decimal point or the unit must be wrong. mm.
 *
 * @example patternCheck({ holes: [{ x: 5, y: 5, diameter: 4 }, { x: 9.5, y: 5, diameter: 4 }], outline: { left: 0, bottom: 0, right: 20, top: 10 }, leastWeb: 1 }).findings[0] // { kind: 'thin-web', holes: [0, 1], value: 0.5 }
 */
export function patternCheck({ holes, outline, travel, leastWeb }: PatternCheckInput): PatternCheckOutput {
  const found = new Map<FindingKind, PatternFinding[]>(FINDINGS.map((kind) => [kind, []]));
  const counts: Record<FindingKind, number> = { ...NONE };
  const add = (kind: FindingKind, at: number[], value: number) => {
    counts[kind] += 1;
    const list = found.get(kind);
    if (list && list.length < LISTED) list.push({ kind, holes: at, value });
  };
  let leastMetal: number | null = null;
  const metal = (value: number) => {
    leastMetal = Math.min(leastMetal ?? value, value);
  };

  holes.forEach((hole, i) => {
    const inside = Math.min(
      hole.x - outline.left,
      outline.right - hole.x,
      hole.y - outline.bottom,
      outline.top - hole.y,
    );
    if (inside < 0) return add('outside-part', [i], -inside);
    metal(inside - hole.diameter / 2);
    if (inside - hole.diameter / 2 < leastWeb) add('thin-edge', [i], inside - hole.diameter / 2);
  });

  // Sorted along the way they are spread further, so that only neighbours that can come close are looked at.
  const along = spreadOf(holes, 'x') >= spreadOf(holes, 'y') ? 'x' : 'y';
  const order = holes.map((_, i) => i).sort((a, b) => (holes[a]?.[along] ?? 0) - (holes[b]?.[along] ?? 0));
  const widest = holes.reduce((most, { diameter }) => Math.max(most, diameter), 0);
  let amiss = 0;
  for (const [place, i] of order.entries()) {
    const hole = holes[i];
    if (!hole || amiss > MOST_AMISS) break;
    for (let next = place + 1; next < order.length; next += 1) {
      const j = order[next] ?? 0;
      const other = holes[j];
      const near = Math.max(leastWeb, SAME, leastMetal ?? 0);
      if (!other || other[along] - hole[along] > (hole.diameter + widest) / 2 + near) break;
      const apart = Math.hypot(other.x - hole.x, other.y - hole.y);
      const web = apart - (hole.diameter + other.diameter) / 2;
      const pair = i < j ? [i, j] : [j, i];
      const kind = apart < SAME ? 'duplicate' : web < 0 ? 'overlap' : web < leastWeb ? 'thin-web' : undefined;
      if (apart >= SAME) metal(web);
      if (kind === undefined) continue;
      add(kind, pair, kind === 'duplicate' ? apart : web);
      amiss += 1;
      if (amiss > MOST_AMISS) break;
    }
  }

  for (const axis of ['x', 'y'] as const) {
    const all = holes.map((hole) => hole[axis]);
    // Part zero has to be reached too, so it counts among the places.
    const spread = all.reduce((most, at) => Math.max(most, at), 0) - all.reduce((least, at) => Math.min(least, at), 0);
    const size = axis === 'x' ? outline.right - outline.left : outline.top - outline.bottom;
    const far = travel?.[axis];
    if (far !== undefined && spread > far) add('outside-travel', [], spread - far);
    const across = all.reduce((most, at) => Math.max(most, at)) - all.reduce((least, at) => Math.min(least, at));
    if (across > MAGNITUDE * size) add('order-of-magnitude', [], across);
  }
  return {
    findings: [...found.values()].flat(),
    counts,
    leastMetal,
    tape: metalTape(leastMetal, leastWeb),
    cautions: [],
  };
}

/** How far holes are spread along an axis, mm. */
function spreadOf(holes: PatternCheckInput['holes'], axis: 'x' | 'y'): number {
  const all = holes.map((hole) => hole[axis]);
  return (
    all.reduce((most, at) => Math.max(most, at), -Infinity) - all.reduce((least, at) => Math.min(least, at), Infinity)
  );
}

/** How the thinnest metal stands against what is to be left. */
const metalTape = (leastMetal: number | null, leastWeb: number): Working => ({
  sections: [
    sumSection(
      'Thinnest metal',
      [
        { label: leastMetal === null ? 'nothing near' : 'between holes, or to the edge', value: leastMetal ?? 0 },
        { label: 'less what is to be left', value: -leastWeb },
      ],
      'to spare',
    ),
  ],
});

const NONE: Readonly<Record<FindingKind, number>> = {
  duplicate: 0,
  overlap: 0,
  'thin-web': 0,
  'thin-edge': 0,
  'outside-part': 0,
  'outside-travel': 0,
  'order-of-magnitude': 0,
};
