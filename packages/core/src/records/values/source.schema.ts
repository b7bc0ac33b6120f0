import { z } from 'zod';
import { length, name, unit } from '../../schema/quantities';

/** Just as typed. */
export const typedText = z
  .string()
  .min(1, { error: 'must not be empty' })
  .max(80, { error: 'must be at most 80 characters' });

/**
 * Where a number came from: typed by hand, taken from a link, worked out by the control (which has taken the ball off
 * already), read from a file, or from the practice mill.
 */
export const source = z.discriminatedUnion('by', [
  /** The text, and the unit that a bare number of it was in. */
  z.object({ by: z.literal('typed'), text: typedText, unit }),
  /** The link's name and the line it sent. */
  z.object({ by: z.literal('captured'), link: name, line: z.string().max(500) }),
  /**
   * What the control shows, as typed: its result; or the zero its cycle has set, and then the place on the part, mm, that
   * lies between that and what was touched.
   */
  z.object({
    by: z.literal('control'),
    text: typedText,
    unit,
    place: length.optional(),
    /** Taken from its link instead of typed: the link's name and the line it sent. */
    link: name.optional(),
    line: z.string().max(500).optional(),
  }),
  /** The file's name, and which line of it. */
  z.object({ by: z.literal('file'), file: name, line: z.number().int().min(1).optional() }),
  z.object({ by: z.literal('practice') }),
]);

export type Source = z.output<typeof source>;
