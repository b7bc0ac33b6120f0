import { z } from 'zod';
import { expandedU, nonNegativeLength } from '../schema/quantities';
import { cautions, repeatsResult, working, uncertainty } from '../schema/results';
import { readings } from '../schema/touch';

export const byInstrumentInput = z.object({
  /** What the caliper or micrometer shows, at different places and each time opened again, mm. */
  readings,
  instrument: z.object({
    /** Its smallest step, and what one reading with it scatters by, mm. */
    resolution: nonNegativeLength,
    sd: nonNegativeLength,
    /** U of the instrument itself at 95 %, as its check against blocks has it, mm. */
    U: expandedU,
    /** What it reads over on a true length, mm: taken off. */
    error: z.number().min(-1).max(1).default(0),
  }),
});

export const byInstrumentOutput = z.object({
  /** Size, mm. */
  size: z.number(),
  repeats: repeatsResult,
  uncertainty,
  tape: working,
  cautions,
});

export type ByInstrumentInput = z.output<typeof byInstrumentInput>;
export type ByInstrumentOutput = z.output<typeof byInstrumentOutput>;
