import { z } from 'zod';
import { expandedU, nonNegativeLength, positiveLength } from '../schema/quantities';
import { cautions, working, uncertainty } from '../schema/results';
import { readings, touchMethod } from '../schema/touch';

/** A pair across the ring: where it tripped at the wall toward plus, and at the one toward minus, mm. */
const pair = z.object({ plus: readings, minus: readings });

const axisPairs = z.object({
  /** As the probe stands in the spindle for work, and with the spindle turned half round. */
  first: pair,
  turned: pair.optional(),
});

export const probeInRingInput = z.object({
  ring: z.object({ diameter: positiveLength, U: expandedU }),
  x: axisPairs,
  y: axisPairs.optional(),
  method: touchMethod,
  uTouch: nonNegativeLength.meta({ description: 'standard uncertainty of where it trips, mm' }),
});

const axisResult = z.object({
  /** Centre of the ring, mm, from both orientations where there are two. */
  centre: z.number(),
  /** Mean effective radius of the ball along this axis, mm. */
  radius: z.number(),
  /** Effective radius toward each wall as it stands for work, mm. */
  toward: z.object({ plus: z.number(), minus: z.number() }),
  /** How far the ball is off the spindle's axis, mm; null from one orientation, which cannot tell it. */
  eccentricity: z.number().nullable(),
  uncertainty,
});

export const probeInRingOutput = z.object({
  x: axisResult,
  y: axisResult.nullable(),
  /** Mean of the axes, mm. */
  radius: z.number(),
  uncertainty,
  tape: working,
  cautions,
});

export type ProbeInRingInput = z.output<typeof probeInRingInput>;
export type ProbeInRingOutput = z.output<typeof probeInRingOutput>;
export type AxisPairs = z.output<typeof axisPairs>;
