import type { Point } from '@zero-point/core/geometry/point';

/** Two numbers nearer to each other than this cover each other, px: across, and up and down. */
const ACROSS = 17;
const UP = 13;

/**
 * Of numbers on a drawing those that have room: each stays unless it would cover one before it.
 *
 * @param first which of them goes before all others
 */
export function withRoom<P extends Point>(places: readonly P[], first: (place: P) => boolean = () => false): P[] {
  const kept: P[] = [];
  for (const place of [...places.filter(first), ...places.filter((one) => !first(one))])
    if (!kept.some(({ x, y }) => Math.abs(place.x - x) < ACROSS && Math.abs(place.y - y) < UP)) kept.push(place);
  return kept;
}
