import { z } from 'zod';
import { id, length, name } from '../../schema/quantities';

const corner = z.object({ x: length, y: length, z: length });

/** A box between two corners, mm in the part's own frame: from its front left top corner, Z up. */
export const box = z
  .object({ id, name, from: corner, to: corner })
  .refine(({ from, to }) => from.x < to.x && from.y < to.y && from.z < to.z, {
    error: 'must go from left to right, from front to back and from below to above',
    path: ['to'],
  });

/** What stands round the part while a program runs: clamps, jaws, screws; and the stock, where it is larger than the part. */
export const obstacles = z
  .object({
    stock: box.optional(),
    boxes: z.array(box).max(40, { error: 'must hold at most 40 boxes' }),
  })
  .meta({ id: 'Obstacles' });

export type Obstacle = z.output<typeof box>;
export type Obstacles = z.output<typeof obstacles>;
