import { dueOf, type GaugeStatus } from '../../state/basis/gaugeStatus';
import type { DriftOutput } from '../../calibration/drift.schema';
import type { VoidedBy } from '../../records/shop/calibration';
import type { Gauge } from '../../records/shop/gauge';
import { formatLengthUnit } from '../../units/formatLength';
import type { LengthUnit } from '../../units/unit';
import { plusMinus } from '../basis/verdict';

/** `9 Mar 2026`, whatever the machine’s own language is. */
export function dayWords(moment: string): string {
  const [year = '', month = '', day = ''] = moment.slice(0, 10).split('-');
  return `${Number(day)} ${MONTHS[Number(month) - 1] ?? ''} ${year}`;
}

const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

/** What voided it, as it goes behind "since". */
export const VOIDED_WORDS: Readonly<Record<VoidedBy, string>> = {
  crash: 'a crash',
  dropped: 'it was dropped',
  'new-stylus': 'a new stylus',
  repaired: 'a repair',
};

/** How a gauge stands, in one line; undefined where there is nothing to be said. */
export function gaugeStatusText(
  gauge: Pick<Gauge, 'name' | 'kind' | 'due'>,
  standing: GaugeStatus,
): string | undefined {
  const usual = 'using the usual ± for its type';
  switch (standing.state) {
    case 'good':
      return undefined;
    case 'soon':
      return standing.by === 'uses'
        ? `${gauge.name} is nearly due: ${dueOf(gauge).uses ?? 0} touches since it was checked are near.`
        : `${gauge.name} is due on ${dayWords(standing.due ?? standing.since)}.`;
    case 'overdue':
      return standing.by === 'uses'
        ? `${gauge.name} is overdue: more than ${dueOf(gauge).uses ?? 0} touches since ${dayWords(standing.since)}.`
        : `${gauge.name} is overdue since ${dayWords(standing.due ?? standing.since)}: ${usual}.`;
    case 'voided':
      return `${gauge.name} is no longer valid since ${VOIDED_WORDS[standing.why]} on ${dayWords(standing.since)}: ${usual}.`;
    case 'never':
      return `${gauge.name} has not been calibrated: ${usual}.`;
  }
}

/** Whether that line is a warning. */
export const isDoubtful = ({ state }: GaugeStatus): boolean => state === 'overdue' || state === 'voided';

/** What a chart of results in time says, read by people. mm. */
export function driftWords(found: DriftOutput, unit: LengthUnit): string {
  const { verdict, wanted, moved, limits } = found;
  const size = (mm: number) => formatLengthUnit(mm, { unit });
  if (moved) {
    const by = `${formatLengthUnit(moved.by, { unit, plus: true })} ${plusMinus(moved.U, unit)}`;
    return verdict === 'trend'
      ? `Creeps: ${by} from ${dayWords(moved.from)} to ${dayWords(moved.to)}.`
      : `Moved ${by} since ${dayWords(moved.from)}.`;
  }
  if (verdict === 'too-few') {
    return `${COUNTS[wanted] ?? String(wanted)} more ${wanted === 1 ? 'check' : 'checks'} needed to show a trend.`;
  }
  return `Steady about ${size(limits.middle)}: no change beyond the ± of the results.`;
}

const COUNTS: Readonly<Record<number, string>> = { 1: 'One', 2: 'Two', 3: 'Three' };
