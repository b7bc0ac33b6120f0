import { z } from 'zod';
import { expandedU, nonNegativeLength, positiveLength } from '../schema/quantities';
import { cautions, repeatsResult, working, uncertainty } from '../schema/results';
import { readings, touchMethod } from '../schema/touch';

export const finderByBlockInput = z.object({
  /** What is found: a finder by a block of known size, or a setter's plate by a tool of known diameter. */
  what: z.enum(['finder', 'plate']).optional(),
  /** What the scale shows at the face touched going toward plus, and at the one touched going toward minus, mm. */
  towardPlus: readings,
  towardMinus: readings,
  /** The block across those faces, mm, and its U at 95 %. */
  block: z.object({ size: positiveLength, U: expandedU }),
  method: touchMethod,
  uTouch: nonNegativeLength.meta({ description: 'standard uncertainty of where it trips, mm' }),
});

export const finderByBlockOutput = z.object({
  /** Effective diameter, or width of a plate, mm: as it touches, run-out and all. */
  diameter: z.number(),
  repeats: z.object({ towardPlus: repeatsResult, towardMinus: repeatsResult }),
  uncertainty,
  tape: working,
  cautions,
});

export type FinderByBlockInput = z.output<typeof finderByBlockInput>;
export type FinderByBlockOutput = z.output<typeof finderByBlockOutput>;
