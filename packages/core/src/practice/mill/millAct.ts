import { z } from 'zod';
import { angle, axis, length } from '../../schema/quantities';

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
  /** Turns the spindle by hand, degrees counter-clockwise from above. */
  z.object({ do: z.literal('turn'), by: angle }),
  /** Turns the indicator's dial to nothing. */
  z.object({ do: z.literal('zero-dial') }),
  /**
   * Taps the vise's right end, or the part at the mark that looks here: away from the operator by so much; or the head, so
   * that its swing's right or back end goes down by so much.
   */
  z.object({ do: z.literal('tap'), by: length, along: z.enum(['x', 'y']).optional() }),
  /** Tightens the bolts of a vise or a table, or the vise on a part; or loosens them. */
  z.object({ do: z.literal('bolts'), tight: z.boolean() }),
  /** Commands the rotary axis so far on, degrees. */
  z.object({ do: z.literal('index'), by: angle }),
  z.object({ do: z.literal('parallels'), in: z.boolean() }),
  /** A blow of a soft hammer on a side of the part, down onto its parallels; and a finger at them, whether they move. */
  z.object({ do: z.literal('blow'), side: z.enum(['left', 'right']) }),
  z.object({ do: z.literal('try') }),
  /** Lets the quill down by so much, mm, or up to its stop; and locks it. */
  z.object({ do: z.literal('quill'), by: length }),
  z.object({ do: z.literal('quill-lock'), on: z.boolean() }),
  /** Puts the indicator on the boring head, or takes it off. */
  z.object({ do: z.literal('indicator'), on: z.boolean() }),
  /** Moves the boring head's slide out by so much on the radius, and locks it. */
  z.object({ do: z.literal('head'), by: length }),
  z.object({ do: z.literal('lock') }),
  /** Has the machine find its own zero again. */
  z.object({ do: z.literal('home') }),
  /** Feeds through the bore, or across the face, as it is set. */
  z.object({ do: z.literal('cut') }),
  /** Measures the bore, or what is left of the part. */
  z.object({ do: z.literal('measure') }),
  /** Has the DRO count from its first zero, or from its second. */
  z.object({ do: z.literal('scale'), to: z.enum(['absolute', 'incremental']) }),
  /** Has the scale show a figure where it is. */
  z.object({ do: z.literal('set'), axis, value: length }),
]);

export type MillAct = z.output<typeof millAct>;

/** How many things were done: one turning of a wheel is one, in however many pieces it came. */
export const actCount = (acts: readonly MillAct[]): number =>
  acts.filter((act, i) => {
    const before = acts[i - 1];
    const goesOn = act.do === 'move' && before?.do === 'move' && before.axis === act.axis && before.wheel && act.wheel;
    return goesOn !== true;
  }).length;
