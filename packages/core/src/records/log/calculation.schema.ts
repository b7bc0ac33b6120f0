import { z } from 'zod';
import { id, moment } from '../../schema/quantities';

const short = z.string().max(200, { error: 'must be at most 200 characters' });

/** Something that was reckoned without a setup: what was typed, and what came of it as it was shown. */
export const newCalculation = z
  .object({
    id,
    /** Which calculation, by its address. */
    name: z.string().min(1).max(60),
    unit: z.enum(['mm', 'in']),
    /** What was typed, by field. */
    values: z.record(z.string().max(40), short),
    /** The answer in words, as it stood on the screen. */
    answer: z.array(short).min(1).max(12),
    at: moment,
  })
  .meta({ id: 'NewReckoning' });

export const calculationRow = newCalculation
  .safeExtend({ seq: z.number().int(), receivedAt: moment })
  .meta({ id: 'Reckoning' });

export type NewCalculation = z.output<typeof newCalculation>;
export type CalculationRow = z.output<typeof calculationRow>;
