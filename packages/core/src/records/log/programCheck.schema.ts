import { z } from 'zod';
import { id, moment } from '../../schema/quantities';
import { toolNumber } from '../../schema/toolNumber';

const count = z.number().int().min(0);

/** A program was held against what is set: which file, and how much was found. The file itself is not kept. */
export const programCheck = z
  .object({
    id,
    file: z
      .string()
      .trim()
      .min(1, { error: 'must not be empty' })
      .max(255, { error: 'must be at most 255 characters' }),
    /** Bytes and lines of it, and the last line that could be read. */
    size: count,
    lines: count,
    checkedTo: count,
    /** Tools in the order the program first calls them. */
    tools: z.array(toolNumber).max(500, { error: 'must hold at most 500 tools' }).optional(),
    /** Findings that forbid running it, and those to look at. */
    stops: count,
    minds: count,
    at: moment,
  })
  .meta({ id: 'ProgramCheck' });

export type NewProgramCheck = z.output<typeof programCheck>;
