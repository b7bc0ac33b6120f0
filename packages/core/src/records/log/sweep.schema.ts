import { z } from 'zod';
import { id, moment, name } from '../../schema/quantities';
import { sweepPoints } from '../../schema/sweepPoints';

/** An indicator sweep read in whole from a file; it stands in for its pass. */
export const newSweep = z
  .object({
    id,
    pass: z.number().int().min(1).max(1000),
    /** Where it came from. */
    name,
    points: sweepPoints,
    at: moment,
  })
  .meta({ id: 'NewSweep' });

export type NewSweep = z.output<typeof newSweep>;
