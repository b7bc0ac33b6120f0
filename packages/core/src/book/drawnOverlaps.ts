import { roundsOf } from '../datum/shapes';
import { zeroOf } from '../datum/partFrame';
import type { Pattern } from '../record/pattern';
import type { Book } from './book';
import { patternHoles, type Hole } from './holes';

/** A hole that would run into another that the part's drawing has. mm. */
export interface DrawnOverlap {
  hole: Hole;
  /** Diameter of the drawn one, and how far the two run into each other. */
  drawn: number;
  by: number;
}

/** Nearer to a drawn one's middle than this share of its radius it is that hole itself, drilled before it is bored. */
const ITSELF = 0.2;

/** Holes of a pattern that run into a drawn bore that they are not themselves. */
export function drawnOverlaps(book: Pick<Book, 'part' | 'setup' | 'datumPlan'>, pattern: Pattern): DrawnOverlap[] {
  const zero = zeroOf(book.part, book.setup.partZero);
  const drawn = roundsOf(book.part)
    .filter(({ kind }) => kind === 'bore')
    .map(({ at, diameter }) => ({ x: at.x - zero.x, y: at.y - zero.y, diameter }));
  return patternHoles(book, pattern).flatMap((hole) => {
    const [worst] = drawn
      .map((one) => ({
        apart: Math.hypot(hole.x - one.x, hole.y - one.y),
        by: (hole.diameter + one.diameter) / 2 - Math.hypot(hole.x - one.x, hole.y - one.y),
        drawn: one.diameter,
      }))
      .filter(({ apart, by, drawn: diameter }) => by > 0 && apart > (ITSELF * diameter) / 2)
      .sort((a, b) => b.by - a.by);
    return worst ? [{ hole, drawn: worst.drawn, by: worst.by }] : [];
  });
}

/** Whether a circle that runs into what is drawn would be clear of it at twice its diameter, as where a radius was typed for it. */
export function clearAtTwice(book: Pick<Book, 'part' | 'setup' | 'datumPlan'>, pattern: Pattern): boolean {
  if (pattern.kind !== 'bolt-circle' || drawnOverlaps(book, pattern).length === 0) return false;
  const twice: Pattern = { ...pattern, circle: { ...pattern.circle, diameter: 2 * pattern.circle.diameter } };
  return drawnOverlaps(book, twice).length === 0;
}
