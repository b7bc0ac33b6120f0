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
    errors: z.array(z.object({ field: z.string(), message: z.string() })).optional(),
  })
  .meta({ id: 'Problem' });

export type ProblemDocument = z.output<typeof problemDocument>;
