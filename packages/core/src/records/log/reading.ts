import { rowKind } from '../kinds/kind';
import type { NewReading, Reading } from './reading.schema';

export type { NewReading, Reading };

export type TouchReading = Extract<Reading, { on: 'scale' }>;
export type DialReading = Extract<Reading, { on: 'dial' }>;
export type SizeReading = Extract<Reading, { on: 'gauge' }>;

/** Readings on a scale of the machine. */
export const isTouch = (one: Reading): one is TouchReading => one.on === 'scale';

export const readingKind = rowKind<NewReading>()({
  name: 'reading',
  field: 'readings',
  of: 'setup',
  collection: 'readings',
  title: 'reading',
  summary: 'Add a reading to the log',
  version: 2,
  names: ({ gaugeId }) => [{ kind: 'gauge', id: gaugeId, field: 'gaugeId' }],
  asKept: (body, stored): Reading => ({ ...body, ...stored, struckBy: null, struckReason: null }),
  when: ({ takenAt }) => takenAt,
});
