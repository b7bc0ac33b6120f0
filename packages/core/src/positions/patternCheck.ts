import { sumSection, type Tape } from '../tape/tape';
import {
  FINDINGS,
  type Finding,
  type FindingKind,
  type PatternCheckInput,
  type PatternCheckOutput,
} from './patternCheck.schema';

/** Findings of one kind that are listed; the rest is counted. */
const LISTED = 50;

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
  const found = new Map<FindingKind, Finding[]>(FINDINGS.map((kind) => [kind, []]));
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

  const order = holes.map((_, i) => i).sort((a, b) => (holes[a]?.x ?? 0) - (holes[b]?.x ?? 0));
  const widest = holes.reduce((most, { diameter }) => Math.max(most, diameter), 0);
  order.forEach((i, place) => {
    const hole = holes[i];
    if (!hole) return;
    // Sorted by X, so that only neighbours that can come close are looked at.
    for (let next = place + 1; next < order.length; next += 1) {
      const j = order[next] ?? 0;
      const other = holes[j];
      if (!other || other.x - hole.x > (hole.diameter + widest) / 2 + Math.max(leastWeb, SAME)) break;
      const apart = Math.hypot(other.x - hole.x, other.y - hole.y);
      const web = apart - (hole.diameter + other.diameter) / 2;
      const pair = i < j ? [i, j] : [j, i];
      if (apart < SAME) add('duplicate', pair, apart);
      else if (web < 0) add('overlap', pair, web);
      else if (web < leastWeb) add('thin-web', pair, web);
      if (apart >= SAME) metal(web);
    }
    const inside = Math.min(
      hole.x - outline.left,
      outline.right - hole.x,
      hole.y - outline.bottom,
      outline.top - hole.y,
    );
    if (inside < 0) add('outside-part', [i], -inside);
    else {
      metal(inside - hole.diameter / 2);
      if (inside - hole.diameter / 2 < leastWeb) add('thin-edge', [i], inside - hole.diameter / 2);
    }
  });

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

/** How the thinnest metal stands against what is to be left. */
const metalTape = (leastMetal: number | null, leastWeb: number): Tape => ({
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
