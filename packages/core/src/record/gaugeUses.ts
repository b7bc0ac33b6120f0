import { z } from 'zod';
import { id, moment } from '../schema/quantities';

/** Touches with a gauge since it was last known good, and the set-ups they were for. */
export const gaugeUses = z
  .object({
    gaugeId: id,
    /** The moment it was last found, or the first of all where it never was. */
    since: moment.nullable(),
    touches: z.number().int(),
    setups: z.array(z.object({ id, name: z.string(), touches: z.number().int(), last: moment })),
  })
  .meta({ id: 'GaugeUses' });

export type GaugeUses = z.output<typeof gaugeUses>;
