import { z } from 'zod';
import { id, moment } from '../../schema/quantities';

/** Touches with a gauge since it was last known good, and the setups they were for. */
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

/** How a gauge repeated on one machine, and how long a touch with it takes there. */
export const machineRepeats = z
  .object({
    machineId: id,
    machine: z.string(),
    /** Pooled standard deviation, mm, its degrees of freedom, and the readings it comes from. */
    sd: z.number(),
    dof: z.number().int(),
    readings: z.number().int(),
    /** Median from one reading of a touch to the next, s; null where none followed another closely. */
    seconds: z.number().nullable(),
  })
  .meta({ id: 'MachineRepeats' });

export type MachineRepeats = z.output<typeof machineRepeats>;
