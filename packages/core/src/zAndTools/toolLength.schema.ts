import { z } from 'zod';
import { toolNumber } from '../schema/toolNumber';
import { length, nonNegativeLength, positiveLength, standardU } from '../schema/quantities';
import { cautions, repeatsResult, working, uncertainty, verdict } from '../schema/results';
import { readings, touchMethod } from '../schema/touch';

export const toolLengthInput = z.object({
  reference: z.object({
    tool: toolNumber,
    /** Z while the reference tool touches the gauge: readings, or what Z was then set to. */
    z: z.union([z.object({ readings }), z.object({ setTo: length })]),
  }),
  tool: toolNumber,
  readings,
  method: touchMethod,
  uTouch: nonNegativeLength.meta({ description: 'standard uncertainty of one touch, by feel or trip, mm' }),
  /** The step both were raised by until the gauge just passed, where it was slipped under. */
  searchStep: positiveLength.optional(),
  /** Uncertainty left where the two tools touched different gauges; leave out for one gauge at one place. */
  uGauge: standardU.optional(),
  tolerance: nonNegativeLength.optional(),
});

export const toolLengthOutput = z.object({
  repeats: repeatsResult,
  /** Tool length offset against the reference, mm: negative when the tool is shorter. */
  offset: z.number(),
  comparison: z.enum(['shorter', 'longer', 'same']),
  uncertainty,
  verdict,
  tape: working,
  cautions,
});

export type ToolLengthInput = z.output<typeof toolLengthInput>;
export type ToolLengthOutput = z.output<typeof toolLengthOutput>;
