import { z } from 'zod';
import { id, length, moment } from '../../schema/quantities';
import { toolNumber } from '../../schema/toolNumber';
import { source } from '../values/source.schema';

/** What was looked at: a setting of an axis, a row of the control's tool table, or the plate's thickness entered in the control. */
const lookedAt = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('setting'), zeroingId: id }),
  z.object({ kind: z.literal('tool'), number: toolNumber }),
  z.object({ kind: z.literal('plate'), gaugeId: id }),
]);

/** What the machine showed of something that was entered or set, read by the person at it. */
export const newReadBack = z
  .object({
    id,
    of: lookedAt,
    /** What it showed, mm. */
    shown: length,
    source,
    at: moment,
  })
  .meta({ id: 'NewReadBack' });

export type NewReadBack = z.output<typeof newReadBack>;
