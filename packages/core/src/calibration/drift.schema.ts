import { z } from 'zod';
import { expandedU, moment } from '../schema/quantities';
import { cautions, working, uncertainty } from '../schema/results';

export const driftInput = z.object({
  /** Results of one thing in time: when, what, mm, and U at 95 %. */
  results: z
    .array(z.object({ at: moment, value: z.number().min(-10_000).max(10_000), U: expandedU }))
    .min(1, { error: 'must hold one result at least' })
    .max(2000, { error: 'must hold at most 2000 results' }),
});

/** Two results held against each other: the second less the first, mm. */
const moved = z.object({
  from: moment,
  to: moment,
  by: z.number(),
  U: z.number().meta({ description: 'U, mm at 95 %' }),
  en: z.number(),
});

export const driftOutput = z.object({
  /**
   * `too-few`: so many more are wanted before a trend can be told; `steady`: nothing beyond what the results are sure of;
   * `trend`: it goes on in one direction; `moved`: it lies elsewhere than before.
   */
  verdict: z.enum(['too-few', 'steady', 'trend', 'moved']),
  /** Results still wanted needed to show a trend. */
  wanted: z.number().int(),
  /** How far it went from the first to the last, by the line or by the step; null while nothing moved. */
  moved: moved.nullable(),
  /** Straight line through all: mm a day with U, and its value at the first and the last; null from one result, or at one moment. */
  line: z
    .object({
      perDay: z.number(),
      U: z.number().meta({ description: 'U, mm a day at 95 %' }),
      first: z.number(),
      last: z.number(),
    })
    .nullable(),
  /** Weighted mean of the first results and how far later ones may lie from it, mm. */
  limits: z.object({ middle: z.number(), half: z.number() }),
  /** E_n of each result against the one before it. */
  neighbours: z.array(
    z.object({
      at: moment,
      difference: z.number(),
      U: z.number().meta({ description: 'U, mm at 95 %' }),
      en: z.number(),
    }),
  ),
  /** Of what it moved by, or of the latest result where it did not. */
  uncertainty,
  tape: working,
  cautions,
});

export type DriftInput = z.output<typeof driftInput>;
export type DriftOutput = z.output<typeof driftOutput>;
