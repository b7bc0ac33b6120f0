import { z } from 'zod';
import { allowed, placeReadings } from '../schema/indicator';
import { length, nonNegativeLength, standardU } from '../schema/quantities';
import { notes } from '../schema/note';
import { cautions, repeatsResult, working, uncertainty, verdict } from '../schema/results';
import { touchMethod } from '../schema/touch';

export const centrePlugInput = z.object({
  /** Scale readings with the plug seated, seated again for each reading. */
  x: placeReadings,
  y: placeReadings,
  /** The centre's nominal part coordinates, mm. */
  nominal: z.object({ x: length, y: length }),
  method: touchMethod,
  uTouch: standardU,
  /** Run-out of the plug in its collet, total indicator reading, mm. */
  plugTir: nonNegativeLength,
  /** How it was confirmed: the run-out of a sweep afterwards, or the person's word. */
  confirm: z.discriminatedUnion('by', [
    z.object({ by: z.literal('sweep'), tir: nonNegativeLength }),
    z.object({ by: z.literal('word') }),
  ]),
  allowed,
});

export const centrePlugOutput = z.object({
  centre: z.object({ x: z.number(), y: z.number() }),
  repeats: z.object({ x: repeatsResult, y: repeatsResult }),
  workOffset: z.object({ x: z.number(), y: z.number() }),
  confirmed: z.enum(['sweep', 'word']),
  /** Whether the plug serves this job, or a sweep is worth the time. */
  notes,
  verdict,
  uncertainty,
  tape: working,
  cautions,
});

export type CentrePlugInput = z.output<typeof centrePlugInput>;
export type CentrePlugOutput = z.output<typeof centrePlugOutput>;
