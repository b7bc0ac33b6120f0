import { z } from 'zod';
import { angle, id, name, nonNegativeLength } from '../../schema/quantities';
import { workOffsetName } from '../values/place.schema';

/** One way the part is turned: a face that comes up, the command of each rotary axis, and the offset it has. */
const index = z.object({
  id,
  name,
  /** Degrees as commanded; what is left out stands at zero. */
  A: angle.optional(),
  B: angle.optional(),
  C: angle.optional(),
  workOffset: workOffsetName.optional(),
});

/** Which faces of a part come up at which angles, and where zero is while it turns. */
export const indexPlan = z
  .object({
    /** The control follows the part, zero stands at the centre of rotation, or every index has an offset of its own. */
    school: z.enum(['follows', 'centre', 'per-index']),
    /**
     * Length of the reference tool as it is still in Z of part zero, mm from the gauge line, and U of that; nothing where the
     * control had taken it off.
     */
    toolInZ: z.object({ length: nonNegativeLength, U: nonNegativeLength }).optional(),
    indices: z.array(index).max(60, { error: 'must hold at most 60 indices' }),
  })
  .meta({ id: 'IndexPlan' });

export type IndexPlan = z.output<typeof indexPlan>;
