import { z } from 'zod';
import { placeReadings } from '../schema/indicator';
import { notes } from '../schema/note';
import { cautions, working, uncertainty } from '../schema/results';
import { touchMethod } from '../schema/touch';

export const backlashInput = z.object({
  /** What the dial or scale shows each time the indicator comes back to its zero, arriving in the plus direction. */
  fromMinus: placeReadings,
  /** The same, arriving in the minus direction. */
  fromPlus: placeReadings,
  method: touchMethod,
});

export const backlashOutput = z.object({
  /** Lost motion of the axis, mm. */
  backlash: z.number(),
  uncertainty,
  notes,
  tape: working,
  cautions,
});

export type BacklashInput = z.output<typeof backlashInput>;
export type BacklashOutput = z.output<typeof backlashOutput>;
