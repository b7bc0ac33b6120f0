import type { SetupState } from '@zero-point/core/state/basis/setupState';
import type { KnownGauge } from '@zero-point/core/state/basis/calibratedGauge';
import type { Reading } from '@zero-point/core/records/log/reading';
import type { Axis } from '@zero-point/core/schema/quantities';

/** What is shown of the log: readings of one axis, or by the dial or gauge alone, and with one gauge. */
export interface LogFilter {
  what: 'all' | Axis | 'dial' | 'size';
  gaugeId: string;
}

export const EVERYTHING: LogFilter = { what: 'all', gaugeId: '' };

export interface LogView {
  sentence: string;
  /** Newest first, by the day they were taken. */
  days: { day: string; readings: Reading[] }[];
  /** What there is to choose from. */
  whats: LogFilter['what'][];
  gauges: Pick<KnownGauge, 'id' | 'name'>[];
}

const whatOf = (reading: Reading): LogFilter['what'] =>
  reading.on === 'scale' ? reading.axis : reading.on === 'dial' ? 'dial' : 'size';

const ORDER: readonly LogFilter['what'][] = ['x', 'y', 'z', 'dial', 'size'];

/** State of a setup's log to view. */
export function logView(book: SetupState, { what, gaugeId }: LogFilter, dayOf: (moment: string) => string): LogView {
  const { readings } = book;
  const shown = readings
    .filter((reading) => what === 'all' || whatOf(reading) === what)
    .filter((reading) => gaugeId === '' || reading.gaugeId === gaugeId);
  const days = new Map<string, Reading[]>();
  for (const reading of [...shown].reverse()) {
    const day = dayOf(reading.takenAt);
    days.set(day, [...(days.get(day) ?? []), reading]);
  }
  const used = new Set(readings.map((reading) => reading.gaugeId));
  const whats = new Set(readings.map(whatOf));
  return {
    sentence: sentenceOf(readings, shown),
    days: [...days].map(([day, ofDay]) => ({ day, readings: ofDay })),
    whats: ['all', ...ORDER.filter((one) => whats.has(one))],
    gauges: book.gauges.filter(({ id }) => used.has(id)).map(({ id, name }) => ({ id, name })),
  };
}

function sentenceOf(all: readonly Reading[], shown: readonly Reading[]): string {
  if (all.length === 0) return 'No readings yet. They appear here as you log them in Datum and Z & tools.';
  const struck = shown.filter(({ struckBy }) => struckBy !== null).length;
  const count = shown.length === 1 ? '1 reading' : `${shown.length} readings`;
  const of = shown.length === all.length ? count : `${shown.length} of ${all.length} readings`;
  return struck === 0 ? `${of}, none struck out.` : `${of}, ${struck} struck out.`;
}
