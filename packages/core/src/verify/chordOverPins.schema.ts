import { z } from 'zod';
import { expandedU, positiveLength } from '../schema/quantities';
import { cautions, working, uncertainty } from '../schema/results';

export const chordOverPinsInput = z.object({
  /** Over both pins, outside to outside, mm. */
  over: positiveLength,
  pins: z.tuple([positiveLength, positiveLength]).meta({ description: 'diameters of the two pins, mm' }),
  /** U of the measurement over them, and of one pin's diameter, mm at 95 %. */
  measuredU: expandedU,
  pinU: expandedU,
});

export const chordOverPinsOutput = z.object({
  /** From middle to middle, mm. */
  chord: z.number(),
  uncertainty,
  tape: working,
  cautions,
});

export type ChordOverPinsInput = z.output<typeof chordOverPinsInput>;
export type ChordOverPinsOutput = z.output<typeof chordOverPinsOutput>;
