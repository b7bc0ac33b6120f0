import { z } from 'zod';
import { toolNumber } from '../../schema/toolNumber';
import { id, length, moment, nonNegativeLength } from '../../schema/quantities';
import { TOOL_LENGTH_METHODS } from './machine';

/** The lengths a machine's controller was given, kept under the machine's id; a tool keeps its own until it is re-clamped. */
export const keptTable = z
  .object({
    id,
    school: z.enum(TOOL_LENGTH_METHODS),
    rows: z
      .array(
        z.object({
          number: toolNumber,
          name: z.string().max(80),
          /** In the table's school, mm. */
          length,
          /** U of it, mm; left out where it came from a file. */
          U: nonNegativeLength.optional(),
          keptAt: moment,
          /** The cutter that had the number then, where that is known. */
          cutterId: id.optional(),
          /** The reference tool's cutter it was held against, where lengths count from one and that is known. */
          against: id.optional(),
          /** Taken out of its holder and put back: a length of before then is not to be trusted. */
          refittedAt: moment.optional(),
        }),
      )
      .max(9999, { error: 'must hold at most 9999 tools' })
      .refine((rows) => new Set(rows.map(({ number }) => number)).size === rows.length, {
        error: 'must not hold a tool number twice',
      }),
  })
  .meta({ id: 'KeptTable' });

export type KeptTable = z.output<typeof keptTable>;
