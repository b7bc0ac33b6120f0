import { z } from 'zod';
import { length, nonNegativeLength, positiveLength } from '../schema/quantities';
import { cautions, working, uncertainty } from '../schema/results';

export const heightCheckInput = z.object({
  /** As it should be and as it was measured, mm. */
  should: length,
  measured: length,
  /** A floor that lies too high leaves a thickness too great, and a depth too small. */
  counts: z.enum(['thickness', 'depth']),
  measuredU: nonNegativeLength.meta({ description: 'U of the measurement, mm at 95 %' }),
  tolerance: positiveLength.meta({ description: '± allowed, mm' }),
});

export const heightCheckOutput = z.object({
  /** How much too high the tool cut, mm; minus where too low. */
  high: z.number(),
  inLimits: z.boolean(),
  /** What is added to the tool's length, as its row has it, mm: a plus row higher cuts higher. */
  lengthBy: z.number(),
  /** The difference is more than its ±: the tool's length or Z zero is off. */
  isTold: z.boolean(),
  uncertainty,
  tape: working,
  cautions,
});

export type HeightCheckInput = z.output<typeof heightCheckInput>;
export type HeightCheckOutput = z.output<typeof heightCheckOutput>;
