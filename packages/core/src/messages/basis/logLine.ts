import { z } from 'zod';
import type { SetupState } from '../../state/basis/setupState';
import { wildReadings } from '../../state/checks/outliers';
import type { Reading } from '../../records/log/reading';
import { unitOf } from '../../records/values/source';
import { id, moment } from '../../schema/quantities';
import { readingTitle } from './readingTitle';

/** A reading in the log of the whole shop: of which setup, what it is of, and what it showed. mm. */
export const logLine = z
  .object({
    id,
    setupId: id,
    setup: z.string(),
    title: z.string(),
    gauge: z.string(),
    value: z.number(),
    unit: z.enum(['mm', 'in']),
    takenAt: moment,
    /** Why it was struck out; null while it counts. */
    struck: z.string().nullable(),
    /** It stands apart from the others of its own touch. */
    wild: z.boolean(),
  })
  .meta({ id: 'LogLine' });

export type LogLine = z.output<typeof logLine>;

/** A reading of a setup as the whole shop's log has it. */
export function logLineOf(book: SetupState, reading: Reading): LogLine {
  return {
    id: reading.id,
    setupId: book.setup.id,
    setup: book.setup.name,
    title: readingTitle(book, reading),
    gauge: book.gauges.find(({ id: of }) => of === reading.gaugeId)?.name ?? '',
    value: reading.value,
    unit: unitOf(reading.source) ?? book.setup.units,
    takenAt: reading.takenAt,
    struck: reading.struckBy === null ? null : (reading.struckReason ?? ''),
    wild: wildReadings(book).has(reading.id),
  };
}
