import { z } from 'zod';
import { id, name, nonNegativeLength, positiveLength } from '../../schema/quantities';
import { retiredOn } from '../kinds/retired';
import { TOOL_KINDS } from '../values/toolKinds';

/** A cutter of the shop; which number it has is each machine's own. */
export const cutter = z
  .object({
    id,
    name,
    diameter: nonNegativeLength,
    kind: z.enum(TOOL_KINDS).optional(),
    /** Cutting edges; 0 for a tool without teeth. */
    teeth: z.number().int({ error: 'must be a whole number' }).min(0).max(99).optional(),
    /** Pitch of a tap, mm. */
    pitch: positiveLength.optional(),
    /** Whole angle of the point of a drill or spot drill, degrees; 118 and 90 where it is left out. */
    pointAngle: z.number().gte(20, { error: 'must be at least 20' }).lt(180, { error: 'must be under 180' }).optional(),
    /** Taper or chamfer at the end of a reamer or tap that does not cut to size, mm. */
    lead: nonNegativeLength.optional(),
    retiredOn,
  })
  .meta({ id: 'Cutter' });

export type Cutter = z.output<typeof cutter>;
