import { z } from 'zod';
import { expandedU, length, nonNegativeLength, positiveLength } from '../schema/quantities';
import { cautions, repeatsResult, working, uncertainty } from '../schema/results';
import { readings, touchMethod } from '../schema/touch';

export const heightMasterInput = z.object({
  /** Z of the spindle while what is calibrated answers, mm. */
  readings,
  /** What is known: a master tool on a setter, or a block under a probe, mm, and its U at 95 %. */
  known: z.discriminatedUnion('what', [
    z.object({ what: z.literal('setter-by-master'), length: positiveLength, U: expandedU }),
    z.object({
      what: z.literal('probe-by-block'),
      /** The block, and Z of the surface it stands on with the gauge line there, mm. */
      block: positiveLength,
      surface: length,
      U: expandedU,
    }),
  ]),
  method: touchMethod,
  uTouch: nonNegativeLength.meta({ description: 'standard uncertainty of one touch, mm' }),
});

export const heightMasterOutput = z.object({
  /** Z at which the bare gauge line would touch the setter, or the probe's length from the gauge line, mm. */
  value: z.number(),
  repeats: repeatsResult,
  uncertainty,
  tape: working,
  cautions,
});

export type HeightMasterInput = z.output<typeof heightMasterInput>;
export type HeightMasterOutput = z.output<typeof heightMasterOutput>;
