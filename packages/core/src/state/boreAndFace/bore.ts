import { solveBore } from '../../boreAndFace/bore';
import type { BoreInput, BoreOutput, BorePass } from '../../boreAndFace/bore.schema';
import type { Bore } from '../../records/setup/cutPlan';
import type { SizeReading } from '../../records/log/reading';
import { answerWith, type StateAnswer } from '../gauges/answer';
import { gaugeAt, springKept, type SetupState } from '../basis/setupState';
import { allReadingsOf } from '../basis/activeRecords';
import type { KnownGauge } from '../basis/calibratedGauge';
import { GAUGE_FACTS } from '../../metrology/gauges/gaugeKinds';
import { Refusal } from '../../problem/problem';

/** A bore as the log has it: its size before the first pass, and each pass since. mm on the diameter. */
export interface BoreLog {
  /** Size before the first pass; undefined until it is measured. */
  start: number | undefined;
  passes: BorePass[];
  /** Every reading of it, struck ones too, in the order they were taken. */
  readings: SizeReading[];
}

/** Deepest cut on the diameter where the person said nothing, mm. */
export const PLAIN_MOST_CUT = 0.5;

/**
 * The log of one bore from the readings in force. A reading with a setting ends a pass; one without is the size before
 * the first pass, or the last pass measured again, which then counts instead.
 */
export function boreLog(book: SetupState, boreId: string): BoreLog {
  const own = allReadingsOf(book, { kind: 'bore-size', of: boreId }).filter(
    (one): one is SizeReading => one.on === 'gauge',
  );
  let start: number | undefined;
  const passes: BorePass[] = [];
  for (const { subject, value, struckBy } of own) {
    if (struckBy !== null) continue;
    const last = passes.at(-1);
    if (subject.set !== undefined) passes.push({ set: subject.set, measured: value });
    else if (last) last.measured = value;
    else start = value;
  }
  return { start, passes, readings: own };
}

/** Standard uncertainty of one measured size: the gauge's own and its display step, mm. */
export const uMeasuring = (gauge: KnownGauge): number =>
  Math.hypot(gauge.u ?? GAUGE_FACTS[gauge.kind].uTouch, (gauge.resolution ?? 0) / Math.sqrt(12));

/** Where a bore stands and what to set next. */
export type BoreAnswer = StateAnswer<'bore'> & { result: BoreOutput };

/** What to do next with a bore; undefined until it was measured, or why its log cannot be reckoned with. */
export function boreAnswer(book: SetupState, plan: Bore): { log: BoreLog; answer?: BoreAnswer; refused?: string } {
  const log = boreLog(book, plan.id);
  const inForce = log.readings.filter(({ struckBy }) => struckBy === null);
  const gauge = gaugeAt(book, plan.gaugeId, inForce.at(-1)?.takenAt ?? '');
  if (log.start === undefined || !gauge) return { log };
  const kept = springKept(book, plan);
  const input: BoreInput = {
    low: plan.low,
    high: plan.high,
    start: log.start,
    passes: log.passes,
    counts: plan.counts,
    step: plan.step,
    uMeasured: uMeasuring(gauge),
    mostCut: plan.mostCut ?? PLAIN_MOST_CUT,
    ...(kept && { kept: { k: kept.k, c: kept.c } }),
  };
  try {
    return { log, answer: answerWith('bore', solveBore(input), inForce, (plan.high - plan.low) / 2) };
  } catch (error) {
    if (error instanceof Refusal) return { log, refused: error.message };
    throw error;
  }
}
