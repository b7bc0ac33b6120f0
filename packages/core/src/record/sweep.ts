import { z } from 'zod';
import { id, moment, name } from '../schema/quantities';
import { sweepPoints } from '../schema/sweepPoints';
import { rowKind, withStored } from './kind';

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

export const sweepKind = rowKind({
  name: 'sweep',
  field: 'sweeps',
  of: 'setup',
  collection: 'sweeps',
  title: 'sweep',
  summary: 'Add an indicator sweep read from a file',
  version: 1,
  schema: newSweep,
  asKept: withStored<NewSweep>,
  when: ({ at }) => at,
});
