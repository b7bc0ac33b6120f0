import { z } from 'zod';
import { cautions, working } from '../schema/results';
import { length, nonNegativeLength, positiveLength, unit } from '../schema/quantities';

export const MISTAKES = [
  'radius-once',
  'radius-twice',
  'feeler',
  'feeler-twice',
  'plate',
  'gauge-once',
  'gauge-twice',
  'turns',
  'backlash',
  'inch-for-mm',
  'sign',
  'diameter-for-radius',
  'decimal-place',
  'sixteenth',
  'neighbouring-64th',
  'half-64th',
  'inch-of-25',
  'misread-figure',
] as const;

export const explainInput = z.object({
  /** What the readings give, and the calibration of the same thing, mm. */
  measured: length,
  known: length,
  /** U of their difference, mm. */
  U: positiveLength.meta({ description: 'U, mm at 95 %' }),
  /** What was in use: only slips that were possible are considered. */
  radius: nonNegativeLength.optional(),
  feeler: nonNegativeLength.optional(),
  plate: z.object({ entered: nonNegativeLength, measured: nonNegativeLength }).optional(),
  /** The plate that touched was never measured, so that its own slip has no size yet. */
  plateUnmeasured: z.boolean().optional(),
  /** A gauge that heights were touched on. */
  gauge: nonNegativeLength.optional(),
  perTurn: nonNegativeLength.optional(),
  backlash: nonNegativeLength.optional(),
  /** The unit people read in there: figures are misread in it. */
  unit: unit.optional(),
});

export const explainOutput = z.object({
  /** Measured less known, mm. */
  difference: z.number(),
  agrees: z.boolean(),
  /** Slips that would make this difference, the likeliest first; none where nothing fits. */
  likely: z.array(
    z.object({
      slip: z.enum(MISTAKES),
      /** The difference this slip would make, mm, signed. */
      size: z.number(),
      /** How far that is from what was seen, in units of U. */
      misfit: z.number(),
      /** Turns of the handwheel, where that is the slip. */
      turns: z.number().optional(),
    }),
  ),
  /** What must be known before another slip is named: it could be this one. */
  ask: z.enum(['measure-plate']).nullable(),
  tape: working,
  cautions,
});

export type ExplainInput = z.output<typeof explainInput>;
export type ExplainOutput = z.output<typeof explainOutput>;
export type Mistake = (typeof MISTAKES)[number];
