import { z } from 'zod';

/** What a look through the whole file of a shop found. */
export const shopCheck = z
  .object({
    /** Tables looked through, with their indexes. */
    tables: z.number().int(),
    /** Entries read: readings, other rows and documents. */
    entries: z.number().int(),
    /** What is wrong, table by table; empty where all is whole. */
    found: z.array(z.object({ where: z.string(), what: z.string() })),
    /** What to do about it, where there is anything. */
    remedy: z.string().optional(),
  })
  .meta({ id: 'ShopCheck' });

export type ShopCheck = z.output<typeof shopCheck>;
