import { z } from 'zod';
import { axis, length } from '../../schema/quantities';

/** What a person does at a mill. */
export const millAct = z.discriminatedUnion('do', [
  /** Turns a handwheel, or jogs: mm of the screw, + toward plus. */
  z.object({ do: z.literal('move'), axis, by: length }),
  z.object({ do: z.literal('spin'), rpm: z.number().min(0).max(100_000) }),
  /** Puts something in the spindle, or takes it out. */
  z.object({ do: z.literal('hold'), contact: z.string().max(60).optional() }),
  /** Holds something at the contact, or puts it away. */
  z.object({ do: z.literal('put'), between: z.string().max(60).optional() }),
  /** Has the scale show a figure where it stands. */
  z.object({ do: z.literal('set'), axis, value: length }),
]);

export type MillAct = z.output<typeof millAct>;
