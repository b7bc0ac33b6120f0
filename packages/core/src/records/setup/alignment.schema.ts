import { z } from 'zod';
import { allowed, indicatorSense } from '../../schema/indicator';
import { face } from '../values/subject.schema';
import { angle, id, length, nonNegativeLength, positiveLength } from '../../schema/quantities';

/** What every task that reads an indicator needs to know of it. */
const indicator = { indicatorId: id, sense: indicatorSense };

/** How many places are read, evenly spread. */
const count = (least: number) =>
  z
    .number({ error: 'must be a whole number' })
    .int({ error: 'must be a whole number' })
    .min(least, { error: `must be at least ${least}` })
    .max(100, { error: 'must be at most 100' });

const pivoted = { from: length, to: length, points: count(2), pivot: length, loose: length };

/** How one thing is lined up: where it is read, with what, and how straight is straight enough. Lengths mm, angles degrees. */
export const alignment = z
  .discriminatedUnion('task', [
    z.object({
      task: z.literal('vise'),
      along: z.enum(['x', 'y']),
      side: z.enum(['low', 'high']),
      ...pivoted,
      ...indicator,
      allowed,
    }),
    z.object({ task: z.literal('head'), swing: positiveLength, ...indicator, allowed }),
    z.object({
      task: z.literal('centre'),
      school: z.enum(['sweep', 'plug']),
      feature: z.enum(['bore', 'boss']),
      angles: count(3),
      first: angle,
      span: angle.gt(0, { error: 'must be greater than zero' }).max(360, { error: 'must be at most 360' }),
      /** The plug's own run-out, and the sweep that confirmed it: its run-out, or nothing on the person's word. */
      plugId: id.nullable(),
      plugTir: nonNegativeLength,
      confirmTir: nonNegativeLength.nullable(),
      ...indicator,
      allowed,
    }),
    z.object({
      task: z.literal('chuck'),
      jaws: z.enum(['two', 'three', 'four', 'free']),
      /** The table stands still and the indicator swings from face to face about its centre; else the table turns half round. */
      standing: z.boolean().optional(),
      pairs: z.union([z.literal(1), z.literal(2)]),
      chuckTir: nonNegativeLength.nullable(),
      ...indicator,
      allowed,
    }),
    z.object({
      task: z.literal('level'),
      distance: positiveLength,
      /** Which way a plus command turns: +1 the tool right-handed about the part, as ISO 841 has it. */
      rotarySense: z.union([z.literal(1), z.literal(-1)]),
      ...indicator,
      allowed,
    }),
    z.object({
      task: z.literal('skew'),
      face,
      ...pivoted,
      /** The pass whose angle is carried as a rotation of everything after; null while none is. */
      carriedPass: z.number().int().min(1).nullable(),
      allowed,
    }),
  ])
  .meta({ id: 'Alignment' });

export type Alignment = z.output<typeof alignment>;
