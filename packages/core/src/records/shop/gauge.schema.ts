import { z } from 'zod';
import { GAUGE_KINDS } from '../../metrology/gauges/gaugeKinds';
import { id, name, nonNegativeLength, positiveLength } from '../../schema/quantities';
import { retiredOn } from '../kinds/retired';

/** Anything of known size that touches. What it was measured to be stands in its calibrations. */
export const gauge = z
  .object({
    id,
    name,
    kind: z.enum(GAUGE_KINDS),
    /** Marked size, mm: a diameter for a finder, a thickness for a block, feeler or plate. */
    nominal: nonNegativeLength,
    /** Highest spindle speed its maker gives, rpm. */
    maxRpm: z.number().int().positive({ error: 'must be greater than zero' }).optional(),
    /** How far its tip stands below its body, mm: so deep it reaches beside something that stands higher. */
    reach: positiveLength.optional(),
    /** Smallest display step, mm: an indicator's line, a caliper's digit. */
    resolution: positiveLength.optional(),
    /** How far an indicator's pointer can be from zero, mm, and what one turn of it is. */
    range: positiveLength.optional(),
    perTurn: positiveLength.optional(),
    /** When it is to be checked again, where that is not as usual for its kind: after so many days, or touches. */
    due: z
      .object({
        days: z
          .number()
          .int()
          .min(1, { error: 'must be at least 1' })
          .max(3650, { error: 'must be at most 3650' })
          .optional(),
        uses: z
          .number()
          .int()
          .min(1, { error: 'must be at least 1' })
          .max(100_000, { error: 'must be at most 100000' })
          .optional(),
      })
      .optional(),
    retiredOn,
  })
  .meta({ id: 'Gauge' });

export type Gauge = z.output<typeof gauge>;
