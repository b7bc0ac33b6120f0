import { z } from 'zod';
import { angle, length, nonNegativeLength, positiveLength } from '../../schema/quantities';
import { MAX_HOLES } from '../values/maxHoles';
import { HOLE_STEPS } from '../values/holeSteps';

/** Holes on a circle: the whole of it, or an arc with a hole at both ends. */
export const boltCircleInput = z
  .object({
    centre: z.object({ x: length, y: length }),
    diameter: length.gt(0, {
      error: 'must be greater than zero; give the diameter of the circle through the hole centres',
    }),
    holes: z
      .number({ error: 'must be a whole number' })
      .int({ error: 'must be a whole number' })
      .min(1, { error: 'must be at least 1' })
      .max(MAX_HOLES, { error: 'must be at most 10000; split the work into several patterns' }),
    firstAngle: angle,
    direction: z.enum(['counter-clockwise', 'clockwise']),
    /** Degrees from first to last hole; left out for a full circle. */
    arc: angle
      .gt(0, { error: 'must be greater than zero; use the direction to go the other way' })
      .lt(360, { error: 'must be under 360; leave it out for a full circle' })
      .optional(),
  })
  .meta({ id: 'BoltCircle' });

const point = z.object({ x: length, y: length });

const count = z
  .number({ error: 'must be a whole number' })
  .int({ error: 'must be a whole number' })
  .min(1, { error: 'must be at least 1' })
  .max(MAX_HOLES, { error: 'must be at most 10000; split the work into several patterns' });

/** A distance from hole to hole: it may go either way, but it goes somewhere. */
const pitch = length.refine((mm) => mm !== 0, { error: 'must not be zero; holes would lie on each other' });

/** Holes along a line: the first, the distance from each to the next, and which way. */
export const rowInput = z.object({ start: point, pitch, holes: count, angle });

/** Rows above each other, all leaning the same way. */
export const gridInput = z
  .object({ start: point, pitchX: pitch, pitchY: pitch, columns: count, rows: count, angle })
  .refine(({ columns, rows }) => columns * rows <= MAX_HOLES, {
    path: ['rows'],
    error: 'makes more than 10000 holes; split the work into several patterns',
  });

/** Holes along the four sides of a rectangle, one in each corner, counter-clockwise from its lower left. */
export const frameInput = z.object({
  centre: point,
  width: positiveLength,
  height: positiveLength,
  /** Holes along a side, both corners in. */
  columns: count.min(2, { error: 'must be at least 2: one in each corner' }).max(2500),
  rows: count.min(2, { error: 'must be at least 2: one in each corner' }).max(2500),
  angle,
});

/** Holes at given distances and angles from a centre. */
export const polarInput = z.object({
  centre: point,
  places: z
    .array(z.object({ radius: nonNegativeLength, angle }))
    .min(1, { error: 'must hold at least 1 place' })
    .max(MAX_HOLES, { error: 'must hold at most 10000 places; split them into several patterns' }),
});

/** Holes one by one; each may have a size, depth and note of its own. */
export const pointsInput = z
  .array(
    point.extend({
      diameter: positiveLength.optional(),
      depth: positiveLength.optional(),
      note: z.string().max(80, { error: 'must be at most 80 characters' }).optional(),
    }),
  )
  .min(1, { error: 'must hold at least 1 point' })
  .max(MAX_HOLES, { error: 'must hold at most 10000 points; split them into several patterns' });

/** What is done with a pattern as a whole, in this order: mirrored, turned, shifted. */
export const movedInput = z.object({
  /** The coordinate that changes sides, and about which value of it. */
  mirror: z.object({ axis: z.enum(['x', 'y']), at: length }).optional(),
  turn: z.object({ angle, about: point }).optional(),
  shift: point.optional(),
});

const KINDS = [
  z.object({ kind: z.literal('bolt-circle'), circle: boltCircleInput }),
  z.object({ kind: z.literal('row'), row: rowInput }),
  z.object({ kind: z.literal('grid'), grid: gridInput }),
  z.object({ kind: z.literal('frame'), frame: frameInput }),
  z.object({ kind: z.literal('polar'), polar: polarInput }),
  z.object({ kind: z.literal('points'), points: pointsInput }),
] as const;

/** Adds what every pattern carries to each kind of it. */
export const patternKinds = <S extends z.ZodRawShape>(shape: S) =>
  z.discriminatedUnion('kind', [
    KINDS[0].extend(shape),
    KINDS[1].extend(shape),
    KINDS[2].extend(shape),
    KINDS[3].extend(shape),
    KINDS[4].extend(shape),
    KINDS[5].extend(shape),
  ]);

export const holeStep = z.enum(HOLE_STEPS);

export type Moved = z.output<typeof movedInput>;
export type BoltCircle = z.output<typeof boltCircleInput>;
