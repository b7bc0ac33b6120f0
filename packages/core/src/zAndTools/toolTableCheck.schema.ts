import { z } from 'zod';
import { cautions, working } from '../schema/results';
import { length, nonNegativeLength, positiveLength } from '../schema/quantities';
import { TOOL_LENGTH_METHODS } from '../records/shop/machine';
import { MISTAKES } from '../mistakes/explain.schema';
import { toolNumber } from '../schema/toolNumber';

export const toolTableCheckInput = z.object({
  school: z.enum(TOOL_LENGTH_METHODS),
  reference: toolNumber.optional(),
  /** The table as it is now. `known` is the same tool's number from before, where it was not re-clamped since. */
  rows: z
    .array(z.object({ number: toolNumber, length, known: length.optional() }))
    .max(9999, { error: 'must hold at most 9999 tools' }),
  /** U of a length against the one known before, mm. */
  U: positiveLength.meta({ description: 'U, mm at 95 %' }),
  /** Gauge all were touched on, mm, and what it is marked and measured where the two differ. */
  gauge: nonNegativeLength.optional(),
  plate: z.object({ entered: nonNegativeLength, measured: nonNegativeLength }).optional(),
  /** Tools the job needs. */
  needed: z.array(toolNumber).max(9999).optional(),
  /** Z travel of the machine, mm. */
  travel: positiveLength.optional(),
  /** Z of the spindle all the way up, and the work offset that goes with the lengths, on one scale, mm. */
  clear: z.object({ top: length, workOffset: length }).optional(),
  /** Tools that were touched on another gauge than the reference tool. */
  otherGauge: z.array(toolNumber).max(9999).optional(),
});

export const toolTableCheckOutput = z.object({
  findings: z.array(
    z.object({
      kind: z.enum([
        'all-off',
        'one-off',
        'wrong-sign',
        'twice',
        'missing',
        'beyond-travel',
        'hits-stock',
        'two-gauges',
      ]),
      /** Tools it is about. */
      tools: z.array(z.number()),
      /** How far off, mm; null where that is not the matter. */
      off: z.number().nullable(),
      slip: z.enum(MISTAKES).nullable(),
      /** The difference the slip would make, mm; null where no slip is named or its size is not the matter. */
      size: z.number().nullable(),
    }),
  ),
  tape: working,
  cautions,
});

export type ToolTableCheckInput = z.output<typeof toolTableCheckInput>;
export type ToolTableCheckOutput = z.output<typeof toolTableCheckOutput>;
