import { z } from 'zod';
import { angle, expandedU, length, nonNegativeLength, positiveLength } from '../schema/quantities';
import { cautions, working, uncertainty } from '../schema/results';

const letter = z.enum(['A', 'B', 'C']);
const point3 = z.object({ x: length, y: length, z: length });
const U3 = z
  .object({ x: nonNegativeLength, y: nonNegativeLength, z: nonNegativeLength })
  .meta({ description: 'U, mm at 95 %' });

/** Schools of where zero is while the part turns. */
export const INDEX_METHODS = ['follows', 'centre', 'per-index'] as const;

const axisOf = z.object({
  name: letter,
  /** Which way it counts; left out while no trial turn showed it. */
  sense: z.union([z.literal(1), z.literal(-1)], { error: 'must be 1 or -1' }).optional(),
  centre: z.tuple([length, length]),
  centreU: z.tuple([nonNegativeLength, nonNegativeLength]).meta({ description: 'U, mm at 95 %' }),
  step: z.number().gte(0, { error: 'must not be negative' }).lt(10, { error: 'must be under 10' }),
  /** Limits, degrees; left out where it goes no limits, turns endlessly. */
  limits: z.object({ from: angle, to: angle }).optional(),
});

export const indexTableInput = z.object({
  school: z.enum(INDEX_METHODS),
  /** Machine coordinates of part zero with all rotary axes at zero, mm, and U of each. */
  datum: point3,
  datumU: U3,
  /** Length of the tool that is still in Z of the datum, mm from the gauge line, and its U. */
  toolInZ: z.object({ length: nonNegativeLength, U: expandedU }).optional(),
  /** Work offset Z that goes with the machine's tool lengths, all rotary axes at zero, mm: as Z of the datum where it is left out. */
  offsetZ: length.optional(),
  /** The rotary axes, the one that carries the part first, then what carries that. */
  axes: z
    .array(axisOf)
    .min(1, { error: 'must name an axis at least' })
    .max(3, { error: 'must name three axes at most' }),
  indices: z
    .array(
      z.object({
        name: z.string().max(80),
        /** Commands by axis, degrees; what is left out stands at zero. */
        commands: z.partialRecord(letter, angle),
        workOffset: z.string().max(20).optional(),
      }),
    )
    .min(1, { error: 'must hold one index at least' })
    .max(60, { error: 'must hold at most 60' }),
  /** Travel of each linear axis, mm, where it is known. */
  travel: z
    .object({ x: positiveLength.optional(), y: positiveLength.optional(), z: positiveLength.optional() })
    .optional(),
  tolerance: nonNegativeLength.optional(),
});

const problem = z.discriminatedUnion('code', [
  z.object({ code: z.literal('beyond-limit'), axis: letter, limit: z.number() }),
  z.object({ code: z.literal('out-of-reach'), axis: z.enum(['x', 'y', 'z']), needs: z.number(), travel: z.number() }),
  /** Two indices share a work offset. */
  z.object({ code: z.literal('offset-twice'), workOffset: z.string() }),
]);

export const indexTableOutput = z.object({
  rows: z.array(
    z.object({
      name: z.string(),
      commands: z.partialRecord(letter, z.number()),
      workOffset: z.string().nullable(),
      /** Work offset of part zero there, mm, U of each, and how far it lies from where it is with all axes at zero. */
      datum: z.object({ x: z.number(), y: z.number(), z: z.number() }),
      U: z.object({ x: z.number(), y: z.number(), z: z.number() }).meta({ description: 'U, mm at 95 %' }),
      moved: z.object({ x: z.number(), y: z.number(), z: z.number() }),
      problems: z.array(problem),
    }),
  ),
  /** The one work offset of the schools that have one: part zero, or the centre of rotation; null with an offset per index. */
  offset: z.object({ x: z.number(), y: z.number(), z: z.number(), U: U3 }).nullable(),
  /** Part zero as the CAM has to have it, seen from the centre of rotation with all axes at zero, mm. */
  fromCentre: z.object({ x: z.number(), y: z.number(), z: z.number() }),
  /** How far two axes pass each other, mm; null with one axis. */
  apart: z.number().nullable(),
  /** Of the worst coordinate at the worst index. */
  uncertainty,
  tape: working,
  cautions,
});

export type IndexTableInput = z.output<typeof indexTableInput>;
export type IndexTableOutput = z.output<typeof indexTableOutput>;
export type IndexProblem = z.output<typeof problem>;
export type IndexMethod = (typeof INDEX_METHODS)[number];
