import { z } from 'zod';
import { approach, length, nonNegativeLength, standardU } from '../../schema/quantities';
import { cautions, repeatsResult, working, uncertainty, verdict } from '../../schema/results';
import { readings, touchMethod } from '../../schema/touch';
import { featureContact, backlashSense } from '../touchPoint.schema';

export const edgeInput = z.object({
  readings,
  approach,
  /** Nominal part coordinate of the edge, mm. */
  nominal: length,
  contact: featureContact,
  method: touchMethod,
  uTouch: nonNegativeLength.meta({ description: 'standard uncertainty of where it trips, mm' }),
  uSize: nonNegativeLength.meta({ description: 'standard uncertainty of its effective radius, mm' }),
  uGauge: standardU.optional(),
  uBacklash: standardU.optional(),
  lostMotion: backlashSense.optional(),
  tolerance: nonNegativeLength.optional(),
});

export const edgeOutput = z.object({
  repeats: repeatsResult,
  /** Contact radius with feeler and turning run-out, mm. */
  radius: z.number(),
  /** Coordinate of the edge on the scale read, mm. */
  edge: z.number(),
  /** While still touching, make the scale read this, mm. */
  preset: z.number(),
  /** After raising Z: move by this, then make the scale read `moveTo`, mm. */
  move: z.number(),
  /** What to make the scale read after that move, mm: `nominal`, less the backlash of a touch toward minus. */
  moveTo: z.number(),
  /** Coordinate of part zero on the scale read, mm. */
  workOffset: z.number(),
  uncertainty,
  verdict,
  tape: working,
  cautions,
});

export type EdgeInput = z.output<typeof edgeInput>;
export type EdgeOutput = z.output<typeof edgeOutput>;
