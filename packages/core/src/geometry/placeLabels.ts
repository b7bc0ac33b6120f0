import type { Point } from './point';

/** A mark on a drawing that wants a word beside it; y counts down, units are the drawing's own. */
export interface LabelledMark extends Point {
  /** How far the mark reaches from its middle. */
  reach: number;
  /** How wide its word is drawn. */
  width: number;
  /** The side its word is best on, from the middle; up and to the right where that is left out. */
  toward?: Point;
}

/** A rectangle on a drawing, by its upper left corner. */
export interface OccupiedArea extends Point {
  width: number;
  height: number;
}

/** Ways out from a mark: along the axes, and between them. */
const DIAGONAL = Math.SQRT1_2;
const WAYS: readonly Point[] = [-1, 0, 1].flatMap((x) =>
  [-1, 0, 1].flatMap((y) => {
    const share = x !== 0 && y !== 0 ? DIAGONAL : 1;
    return x === 0 && y === 0 ? [] : [{ x: x * share, y: y * share }];
  }),
);

const UP_RIGHT: Point = { x: 1, y: -1 };

/** The box of a word this way from a mark: its nearest side, or corner, is at the rim. */
const boxAt = ({ x, y, reach, width }: LabelledMark, height: number, way: Point): OccupiedArea => ({
  x: x + way.x * reach + ((Math.sign(way.x) - 1) / 2) * width,
  y: y + way.y * reach + ((Math.sign(way.y) - 1) / 2) * height,
  width,
  height,
});

const overlap = (a: OccupiedArea, b: OccupiedArea): boolean =>
  a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height;

/** Whether a box lies over a round mark. */
function covers({ x, y, width, height }: OccupiedArea, mark: LabelledMark): boolean {
  const across = mark.x - Math.min(Math.max(mark.x, x), x + width);
  const up = mark.y - Math.min(Math.max(mark.y, y), y + height);
  return Math.hypot(across, up) < mark.reach - 1e-9;
}

/**
 * Where words go beside the marks they name: each on the free side nearest to the one it wants, so that no word lies over
 * another word or another mark. Whoever comes first in the list has the first choice.
 *
 * @param height of every word
 * @param taken places that no word may cover
 * @returns the words' boxes in the order of the marks; undefined where no side is free, and the word is left out
 * @example placeLabels([{ x: 0, y: 0, reach: 2, width: 6 }], 8)[0]?.y // -9.414…: above, and to the right
 */
export function placeLabels(
  marks: readonly LabelledMark[],
  height: number,
  taken: readonly OccupiedArea[] = [],
): (OccupiedArea | undefined)[] {
  const placed: OccupiedArea[] = [...taken];
  return marks.map((mark) => {
    const { x, y } = mark.toward ?? UP_RIGHT;
    const nearest = [...WAYS].sort((a, b) => b.x * x + b.y * y - (a.x * x + a.y * y));
    const free = nearest
      .map((way) => boxAt(mark, height, way))
      .find((box) => !placed.some((other) => overlap(box, other)) && !marks.some((other) => covers(box, other)));
    if (free) placed.push(free);
    return free;
  });
}
