import { roundsOf } from '../../datum/shapes';
import { zeroOf } from '../../datum/partFrame';
import type { Pattern } from '../../records/setup/pattern';
import type { SetupState } from '../basis/setupState';
import { patternHoles, type Hole } from './holes';

/** A hole that would run into another that the part's drawing has. mm. */
export interface HoleOverlap {
  hole: Hole;
  /** Diameter of the drawn one, and how far the two run into each other. */
  drawn: number;
  by: number;
}

/** Nearer to a drawn one's middle than this share of its radius it is that hole itself, drilled before it is bored. */
const ITSELF = 0.2;

const byX = (a: { x: number }, b: { x: number }): number => a.x - b.x;
const widest = (holes: readonly { diameter: number }[]): number =>
  holes.reduce((most, { diameter }) => Math.max(most, diameter), 0);

/** Holes of a pattern that run into a drawn bore that they are not themselves, in the pattern's order. */
export function holeOverlaps(book: Pick<SetupState, 'part' | 'setup' | 'datumPlan'>, pattern: Pattern): HoleOverlap[] {
  const zero = zeroOf(book.part, book.setup.partZero);
  const drawn = roundsOf(book.part)
    .filter(({ kind }) => kind === 'bore')
    .map(({ at, diameter }) => ({ x: at.x - zero.x, y: at.y - zero.y, diameter }))
    .sort(byX);
  const holes = patternHoles(book, pattern);
  const reach = (widest(drawn) + widest(holes)) / 2;
  const found: HoleOverlap[] = [];
  // Both from left to right, so that only those that can come close are looked at.
  let first = 0;
  for (const hole of [...holes].sort(byX)) {
    while ((drawn[first]?.x ?? Infinity) < hole.x - reach) first += 1;
    let worst: HoleOverlap | undefined;
    for (let i = first; i < drawn.length; i += 1) {
      const one = drawn[i];
      if (!one || one.x > hole.x + reach) break;
      const apart = Math.hypot(hole.x - one.x, hole.y - one.y);
      const by = (hole.diameter + one.diameter) / 2 - apart;
      if (by > (worst?.by ?? 0) && apart > (ITSELF * one.diameter) / 2) worst = { hole, drawn: one.diameter, by };
    }
    if (worst) found.push(worst);
  }
  return found.sort((a, b) => a.hole.hole - b.hole.hole);
}

/** Whether a circle that runs into what is drawn would be clear of it at twice its diameter, as where a radius was typed for it. */
export function clearAtTwice(book: Pick<SetupState, 'part' | 'setup' | 'datumPlan'>, pattern: Pattern): boolean {
  if (pattern.kind !== 'bolt-circle' || holeOverlaps(book, pattern).length === 0) return false;
  const twice: Pattern = { ...pattern, circle: { ...pattern.circle, diameter: 2 * pattern.circle.diameter } };
  return holeOverlaps(book, twice).length === 0;
}
