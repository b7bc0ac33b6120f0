import { z } from 'zod';

/** RFC 9457 problem details, with the fields people need to mend it. */
export const problemDocument = z
  .object({
    type: z.string(),
    title: z.string(),
    status: z.number().int(),
    detail: z.string(),
    instance: z.string().optional(),
    code: z.string(),
    requestId: z.string().optional(),
    /** What stands, where a save began from a version that no longer does. */
    current: z.object({ version: z.string(), body: z.unknown() }).optional(),
    /** Where an entry came before its turn: the number that comes next in its device's line. */
    expects: z.number().int().optional(),
    errors: z.array(z.object({ field: z.string(), message: z.string() })).optional(),
  })
  .meta({ id: 'Problem' });

export type ProblemDocument = z.output<typeof problemDocument>;
