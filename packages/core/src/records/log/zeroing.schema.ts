import { z } from 'zod';
import { axis, id, length, moment, nonNegativeLength } from '../../schema/quantities';
import { answerForm } from '../shop/machine.schema';
import { epoch, place } from '../values/place.schema';
import { subject } from '../values/subject.schema';

/**
 * The person has made the machine agree. Where that gave the scale a new zero it opens an epoch under a name of its
 * own; a work offset opens none, since the scale stays as it is.
 */
export const newZeroing = z
  .object({
    id,
    axis,
    place,
    /** The epoch that readings after this belong to; left out where the scale stays as it was. */
    opens: epoch.optional(),
    /** The epoch it was set in, as this device saw it. */
    began: epoch,
    /** How it was set; `lost` where it was not, and the axis is to be set again. */
    form: z.enum([...answerForm.options, 'lost']),
    subject,
    /** What was set, mm: the preset, the coordinate set after the move, or the work offset. */
    value: length,
    /** How far the job was lifted for a pass in the air when Z was set, mm; 0 where it was not. */
    lift: nonNegativeLength.optional(),
    at: moment,
  })
  .meta({ id: 'NewZeroing' });

export const zeroing = newZeroing.extend({ seq: z.number().int(), receivedAt: moment }).meta({ id: 'Zeroing' });

export type NewZeroing = z.output<typeof newZeroing>;
export type Zeroing = z.output<typeof zeroing>;
