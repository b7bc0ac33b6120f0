import { z } from 'zod';

/**
 * Something that is not wrong but ought to be looked at, as a code and its figures; `messages/basis/note.ts` says it, with its
 * remedy. Angles are degrees counter-clockwise from +X.
 */
export const note = z
  .discriminatedUnion('code', [
    /** The bolt that stays tight is not between the ends of the jaw. */
    z.object({ code: z.literal('pivot-outside') }),
    z.object({ code: z.literal('pivot-is-loose') }),
    /** What was read spans so little of the circle that the centre is weak along `weakest`. */
    z.object({
      code: z.literal('short-arc'),
      of: z.enum(['readings', 'touches']),
      arc: z.number(),
      weakest: z.number().optional(),
    }),
    /** So many from the side that has fewest. */
    z.object({ code: z.literal('few-from-one-side'), fewest: z.number() }),
    z.object({ code: z.literal('less-than-its-u') }),
    z.object({ code: z.literal('search-one-sided'), step: z.number() }),
    z.object({ code: z.literal('plug-proven') }),
    z.object({ code: z.literal('plug-suffices') }),
    z.object({ code: z.literal('sweep-disproves') }),
    z.object({ code: z.literal('sweep-worth-it') }),
    z.object({ code: z.literal('run-out-within') }),
    z.object({ code: z.literal('run-out-too-far') }),
  ])
  .meta({ id: 'Note' });

export const notes = z.array(note).meta({ id: 'Notes' });

export type Note = z.output<typeof note>;
