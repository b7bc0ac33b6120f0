import { z } from 'zod';
import { id, length, name, positiveLength } from '../../schema/quantities';

/** A hole the drawing shows, mm in the part's own frame (front left top corner). */
const drawnHole = z.object({ x: length, y: length, diameter: positiveLength });

/** Something more of the part's top that can be touched, mm in the part's own frame. */
export const partShape = z.discriminatedUnion('kind', [
  /** A slot or pocket, touched from inside; a rib, web or block, touched from outside. */
  z.object({
    kind: z.enum(['pocket', 'block']),
    id,
    name,
    from: z.object({ x: length, y: length }),
    to: z.object({ x: length, y: length }),
  }),
  /** A bore or round boss. */
  z.object({
    kind: z.enum(['bore', 'boss']),
    id,
    name,
    at: z.object({ x: length, y: length }),
    diameter: positiveLength,
  }),
]);

/** A block-shaped part with its drawn holes; its own frame starts at the front left corner of its top. */
export const part = z
  .object({
    id,
    name,
    material: z.string().max(80),
    size: z.object({ x: positiveLength, y: positiveLength, z: positiveLength }),
    /** Sizes that nobody has told yet: they are drawn, and nothing is reckoned from them. */
    untold: z
      .array(z.enum(['x', 'y', 'z']))
      .max(3)
      .optional(),
    /** Round stock that lies along an axis: as wide as it is high. */
    bar: z.enum(['x', 'y']).optional(),
    holes: z.array(drawnHole).max(10_000),
    shapes: z.array(partShape).max(100, { error: 'must hold at most 100 shapes' }).optional(),
  })
  .meta({ id: 'Part' });

export type Part = z.output<typeof part>;
export type PartShape = z.output<typeof partShape>;
