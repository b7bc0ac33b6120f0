import { z } from 'zod';
import { id } from '../../schema/quantities';
import { toolNumber } from '../../schema/toolNumber';

/** Which cutter each number of one machine stands for, kept under the machine's id. */
export const magazine = z
  .object({
    id,
    tools: z
      .array(z.object({ number: toolNumber, cutterId: id }))
      .max(9999, { error: 'must hold at most 9999 tools' })
      .refine((tools) => new Set(tools.map(({ number }) => number)).size === tools.length, {
        error: 'must not hold a tool number twice',
      }),
  })
  .meta({ id: 'Magazine' });

export type Magazine = z.output<typeof magazine>;
