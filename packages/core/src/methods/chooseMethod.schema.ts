import { z } from 'zod';
import { id, name, nonNegativeLength, positiveLength, standardU } from '../schema/quantities';
import { cautions, working, uncertainty } from '../schema/results';
import { METHODS } from '../metrology/gauges/gaugeKindFacts';
import { GAUGE_KINDS } from '../metrology/gauges/gaugeKinds';

export const chooseMethodInput = z.object({
  /** What is to be found: a face or a corner, the middle of two faces, or a bore or boss. */
  feature: z.enum(['face', 'middle', 'round']),
  /** ± the job allows, mm. */
  tolerance: positiveLength,
  /** Display step of the machine's scale, mm. */
  resolution: nonNegativeLength,
  /** What is to hand. `sd` and `dof` are the shop's own repeatability with it, where its log has enough. */
  gauges: z
    .array(
      z.object({
        id,
        name,
        kind: z.enum(GAUGE_KINDS),
        /** Standard uncertainties of where it trips, and of its size. */
        uTouch: standardU,
        uSize: standardU,
        tir: nonNegativeLength,
        sd: nonNegativeLength.optional(),
        dof: z.number().int().min(1).max(100_000).optional(),
        /** What is known of it counts as sure no more: it comes behind what is as good and can be relied on. */
        doubtful: z.enum(['overdue', 'voided']).optional(),
        /** Why it cannot be used here at all; it comes last, with this for its reason. */
        unfit: z.string().max(300).optional(),
      }),
    )
    .max(500),
});

export const chooseMethodOutput = z.object({
  /** Best first: those that reach a quarter of the tolerance by time, then the rest by U. */
  ranked: z.array(
    z.object({
      gaugeId: id,
      method: z.enum(METHODS),
      /** Touches of each face it takes, and the U they give, mm. */
      touches: z.number().int(),
      U: z.number().meta({ description: 'U, mm at 95 %' }),
      uncertainty,
      seconds: z.number(),
      reaches: z.boolean(),
      reason: z.string(),
      /** It cannot be used here, for that reason. */
      unfit: z.boolean(),
    }),
  ),
  /** Whether anything reaches a quarter of the tolerance. */
  anyReaches: z.boolean(),
  tape: working,
  cautions,
});

export type ChooseMethodInput = z.output<typeof chooseMethodInput>;
export type ChooseMethodOutput = z.output<typeof chooseMethodOutput>;
