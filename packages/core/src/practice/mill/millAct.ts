import { z } from 'zod';
import { axis, length } from '../../schema/quantities';

/** What a person does at a mill. */
export const millAct = z.discriminatedUnion('do', [
  /** Turns a handwheel, or jogs: mm of the screw, + toward plus. `wheel`: a piece of one turning of a hand. */
  z.object({ do: z.literal('move'), axis, by: length, wheel: z.boolean().optional() }),
  z.object({ do: z.literal('spin'), rpm: z.number().min(0).max(100_000) }),
  /** Puts something in the spindle, or takes it out. */
  z.object({ do: z.literal('hold'), contact: z.string().max(60).optional() }),
  /** Holds something at the contact, or puts it away. */
  z.object({ do: z.literal('put'), between: z.string().max(60).optional() }),
  /** Measures what is in the other hand by caliper. */
  z.object({ do: z.literal('caliper') }),
  /** Has the scale show a figure where it stands. */
  z.object({ do: z.literal('set'), axis, value: length }),
]);

export type MillAct = z.output<typeof millAct>;

/** How many things were done: one turning of a wheel is one, in however many pieces it came. */
export const countOf = (acts: readonly MillAct[]): number =>
  acts.filter((act, i) => {
    const before = acts[i - 1];
    const goesOn = act.do === 'move' && before?.do === 'move' && before.axis === act.axis && before.wheel && act.wheel;
    return goesOn !== true;
  }).length;
