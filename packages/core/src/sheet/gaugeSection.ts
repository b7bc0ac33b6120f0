import type { SetupState } from '../state/basis/setupState';
import { sizeOf } from '../state/gauges/contactSize';
import { gaugeStatusAt } from '../state/gauges/gaugeStatusAt';
import { formatLength } from '../units/formatLength';
import { dayWords, gaugeStatusText } from '../messages/gauges/gaugeStatus';
import { plusMinus } from '../messages/basis/verdict';
import type { SheetSection } from './sheet';

/** Gauges that what is set came from: their size, when they were measured, and how that stands. */
export function gaugeSection(book: SetupState, now: string): SheetSection | undefined {
  const unit = book.setup.units;
  const used = new Set([
    ...book.readings.filter(({ struckBy }) => struckBy === null).map(({ gaugeId }) => gaugeId),
    ...book.measurements.map(({ gaugeId }) => gaugeId),
  ]);
  const gauges = book.gauges.filter(({ id }) => used.has(id));
  if (gauges.length === 0) return undefined;
  return {
    title: 'Gauges that were used',
    columns: [
      { title: 'Gauge', share: 2.2 },
      { title: `Size, ${unit}`, figures: true, share: 1.2 },
      { title: '±', figures: true, share: 1.1 },
      { title: 'Measured', share: 1.2 },
      { title: 'Status', share: 2.4 },
    ],
    rows: gauges.map((gauge) => {
      const standing = gaugeStatusAt(book, gauge, now);
      return [
        gauge.name,
        formatLength(sizeOf(gauge), { unit }),
        gauge.measuredU === undefined ? 'usual' : plusMinus(gauge.measuredU, unit),
        standing.state === 'never' || standing.state === 'voided' ? 'not since' : dayWords(standing.since),
        gaugeStatusText(gauge, standing) ?? 'good',
      ];
    }),
    lines: [],
    tone: 'plain',
  };
}
