import { z } from 'zod';
import { holeStep, movedInput, patternKinds } from './patternShape';
import { id, name, positiveLength } from '../../schema/quantities';

/** A pattern of holes; its coordinates are from part zero, or from the local datum it hangs on. */
export const pattern = patternKinds({
  id,
  name,
  /** Diameter of the finished holes, mm: of a thread its nominal size. */
  holeDiameter: positiveLength,
  /** They go through, whatever the part's thickness. */
  through: z.boolean().optional(),
  /** How deep they go at full diameter, mm from the part's top; not yet said, where it is left out and not through. */
  depth: positiveLength.optional(),
  /** Pitch of their thread, mm, where they are tapped. */
  pitch: positiveLength.optional(),
  /** What is done to each, in the order of HOLE_STEPS; drilling where it is left out. */
  steps: z.array(holeStep).min(1, { error: 'must name at least one step' }).max(5).optional(),
  note: z.string().max(200, { error: 'must be at most 200 characters' }).optional(),
  /** The local datum its coordinates count from. */
  datum: id.optional(),
  moved: movedInput.optional(),
  /** Set aside: kept, shown on request, driven to no more. */
  laidAside: z.boolean().optional(),
}).meta({ id: 'Pattern' });

export type Pattern = z.output<typeof pattern>;
