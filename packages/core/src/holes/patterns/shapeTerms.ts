import type { Point } from '../../geometry/point';
import type { WorkingLine } from '../../working/working';
import { cosDegrees, sinDegrees } from '../../units/degrees';
import type { BoltCircle } from '../../records/setup/patternShape';
import type { PatternShape } from './pattern.schema';

/** How one hole's place comes about: the terms of each coordinate, and its angle where it has one, degrees. */
export interface HoleTerms {
  x: WorkingLine[];
  y: WorkingLine[];
  angle: number | null;
}

/** Angle from one hole of a circle to the next, degrees, positive counter-clockwise. */
export function circleStep(circle: BoltCircle): number {
  const sign = circle.direction === 'clockwise' ? -1 : 1;
  if (circle.arc === undefined) return (sign * 360) / circle.holes;
  return circle.holes > 1 ? (sign * circle.arc) / (circle.holes - 1) : 0;
}

/** How many holes a pattern has. */
export function holeCount(shape: PatternShape): number {
  switch (shape.kind) {
    case 'bolt-circle':
      return shape.circle.holes;
    case 'row':
      return shape.row.holes;
    case 'grid':
      return shape.grid.columns * shape.grid.rows;
    case 'frame':
      return 2 * (shape.frame.columns + shape.frame.rows) - 4;
    case 'polar':
      return shape.polar.places.length;
    case 'points':
      return shape.points.length;
  }
}

/** A distance laid off at an angle, as terms of X and Y. */
const laidOff = (label: string, distance: number, angle: number, how: string): HoleTerms => ({
  x: [{ label, value: distance * cosDegrees(angle), detail: [how, { length: distance }, ' × cos ', { angle }] }],
  y: [{ label, value: distance * sinDegrees(angle), detail: [how, { length: distance }, ' × sin ', { angle }] }],
  angle: null,
});

const fromPoint = (label: string, { x, y }: Point, ...steps: HoleTerms[]): HoleTerms => ({
  x: [{ label, value: x }, ...steps.flatMap((step) => step.x)],
  y: [{ label, value: y }, ...steps.flatMap((step) => step.y)],
  angle: null,
});

/** Which column and row a hole of a frame is in, counter-clockwise from the lower left corner. */
function frameCell(columns: number, rows: number, index: number): { column: number; row: number } {
  const [across, up] = [columns - 1, rows - 1];
  if (index < across) return { column: index, row: 0 };
  if (index < across + up) return { column: across, row: index - across };
  if (index < 2 * across + up) return { column: across - (index - across - up), row: up };
  return { column: 0, row: up - (index - 2 * across - up) };
}

/**
 * The terms of one hole, numbered from 1, before the pattern is mirrored, turned or shifted. Each is reckoned from the
 * pattern's own start and never from the hole before, so nothing adds up from hole to hole. mm and degrees.
 */
export function shapeTerms(shape: PatternShape, hole: number): HoleTerms {
  const index = hole - 1;
  switch (shape.kind) {
    case 'bolt-circle': {
      const { centre, diameter, firstAngle } = shape.circle;
      const angle = firstAngle + index * circleStep(shape.circle);
      return { ...fromPoint('centre', centre, laidOff('radius', diameter / 2, angle, '')), angle };
    }
    case 'row': {
      const { start, pitch, angle } = shape.row;
      return fromPoint('first hole', start, laidOff(times(index, 'pitch'), index * pitch, angle, ''));
    }
    case 'grid': {
      const { start, pitchX, pitchY, columns, angle } = shape.grid;
      const [column, row] = [index % columns, Math.floor(index / columns)];
      return fromPoint(
        'first hole',
        start,
        laidOff(times(column, 'column'), column * pitchX, angle, ''),
        laidOff(times(row, 'row'), row * pitchY, angle + 90, ''),
      );
    }
    case 'frame': {
      const { centre, width, height, columns, rows, angle } = shape.frame;
      const { column, row } = frameCell(columns, rows, index);
      return fromPoint(
        'centre',
        centre,
        laidOff('along the width', width * (column / (columns - 1) - 0.5), angle, ''),
        laidOff('along the height', height * (row / (rows - 1) - 0.5), angle + 90, ''),
      );
    }
    case 'polar': {
      const { radius, angle } = shape.polar.places[index] ?? { radius: NaN, angle: NaN };
      return { ...fromPoint('centre', shape.polar.centre, laidOff('radius', radius, angle, '')), angle };
    }
    case 'points':
      return fromPoint('as given', shape.points[index] ?? { x: NaN, y: NaN });
  }
}

const times = (n: number, what: string): string => `${n} ${n === 1 ? what : what === 'pitch' ? 'pitches' : `${what}s`}`;
