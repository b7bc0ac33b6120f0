import type { Face } from '../records/values/subject';
import type { Approach } from '../schema/quantities';
import type { Part } from '../records/shop/part';
import type { Corner } from '../records/values/faces';
import type { Point } from '../geometry/point';

/** A rectangle of the part that is touched from the side: the stock or a block from outside, a pocket from inside. */
export interface Rectangle {
  kind: 'stock' | 'block' | 'pocket';
  id: string;
  name: string;
  /** Lower left and upper right corner in the part's own frame, mm. */
  from: Point;
  to: Point;
}

/** A bore or round boss of the part. */
export interface Round {
  kind: 'bore' | 'boss';
  id: string;
  name: string;
  at: Point;
  diameter: number;
}

/** Every rectangle of a part, the stock first. */
export function rectanglesOf(part: Part): Rectangle[] {
  const stock: Rectangle = {
    kind: 'stock',
    id: 'stock',
    name: part.name,
    from: { x: 0, y: 0 },
    to: { x: part.size.x, y: part.size.y },
  };
  const more = (part.shapes ?? []).flatMap((shape): Rectangle[] =>
    shape.kind === 'pocket' || shape.kind === 'block' ? [{ ...shape, kind: shape.kind }] : [],
  );
  return [stock, ...more];
}

/** Every bore and boss of a part: its drawn holes by number, then what was added. */
export function roundsOf(part: Part): Round[] {
  const drawn = part.holes.map((hole, i): Round => ({
    kind: 'bore',
    id: `hole-${i + 1}`,
    name: `hole ${i + 1}`,
    at: { x: hole.x, y: hole.y },
    diameter: hole.diameter,
  }));
  const more = (part.shapes ?? []).flatMap((shape): Round[] =>
    shape.kind === 'bore' || shape.kind === 'boss' ? [{ ...shape, kind: shape.kind }] : [],
  );
  return [...drawn, ...more];
}

/** How a wall is touched: along which axis, the tool moving which way, where it is, and from where in words. */
export interface WallTouch {
  axis: 'x' | 'y';
  approach: Approach;
  /** In the part's own frame, mm. */
  at: number;
  from: string;
}

const SIDE = {
  left: { axis: 'x', end: 'from', from: 'the left' },
  right: { axis: 'x', end: 'to', from: 'the right' },
  front: { axis: 'y', end: 'from', from: 'the front' },
  back: { axis: 'y', end: 'to', from: 'the back' },
} as const;

/** A wall of a rectangle; a pocket's are touched from inside, so the other way round. */
export function wallTouch(shape: Rectangle, face: Face): WallTouch {
  const { axis, end, from } = SIDE[face];
  const inside = shape.kind === 'pocket';
  return {
    axis,
    approach: (end === 'from') === inside ? -1 : 1,
    at: shape[end][axis],
    from: inside ? 'inside' : from,
  };
}

/** The two faces that meet at a corner: the one along X first. */
export function facesOfCorner(corner: Corner): { alongX: 'front' | 'back'; alongY: 'left' | 'right' } {
  return {
    alongX: corner.startsWith('front') ? 'front' : 'back',
    alongY: corner.endsWith('left') ? 'left' : 'right',
  };
}

/** The two faces across an axis, the one lower on it first. */
export const FACES_ACROSS: Readonly<Record<'x' | 'y', readonly [Face, Face]>> = {
  x: ['left', 'right'],
  y: ['front', 'back'],
};
