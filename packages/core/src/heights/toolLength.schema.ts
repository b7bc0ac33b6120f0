import { z } from 'zod';
import { length, nonNegativeLength } from '../contract/quantities';
import { cautions, repeatsResult, tape, uncertainty, verdict } from '../contract/results';
import { readings, touchMethod } from '../contract/touch';

export const toolNumber = z
  .number({ error: 'must be a whole number' })
  .int({ error: 'must be a whole number' })
  .min(1, { error: 'must be 1 or more' })
  .max(9999, { error: 'must be at most 9999' });

export const toolLengthInput = z.object({
  reference: z.object({
    tool: toolNumber,
    /** Z while the reference tool touches the gauge: readings, or what Z was then set to. */
    z: z.union([z.object({ readings }), z.object({ setTo: length })]),
  }),
  tool: toolNumber,
  readings,
  method: touchMethod,
  /** Uncertainty left where the two tools touched different gauges; leave out for one gauge at one place. */
  gaugeU: nonNegativeLength.optional(),
  tolerance: nonNegativeLength.optional(),
});

export const toolLengthOutput = z.object({
  repeats: repeatsResult,
  /** Tool length offset against the reference, mm: negative when the tool is shorter. */
  offset: z.number(),
  comparison: z.enum(['shorter', 'longer', 'same']),
  uncertainty,
  verdict,
  tape,
  cautions,
});

export type ToolLengthInput = z.output<typeof toolLengthInput>;
export type ToolLengthOutput = z.output<typeof toolLengthOutput>;
