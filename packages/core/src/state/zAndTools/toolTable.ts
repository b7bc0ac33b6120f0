import { gaugeAt, type SetupState } from '../basis/setupState';
import { lengthIn, workOffsetZ, type LengthFrame, type LengthMethod } from '../../zAndTools/schools';
import type { Stale } from '../../zAndTools/stale';
import { toolTableCheck } from '../../zAndTools/toolTableCheck';
import type { ToolTableCheckOutput } from '../../zAndTools/toolTableCheck.schema';
import { mean } from '../../metrology/mean';
import { Refusal } from '../../problem/problem';
import { sizeOf, thicknessOf, uTouch } from '../gauges/contactSize';
import { gapOf } from '../gauges/gaugeSeat';
import { referenceChanged, toolLengthAnswer, zZeroAnswer } from './zZero';
import { topAboveZero } from './zZeroHeight';
import { neededTools } from '../holes/neededTools';
import { lengthValidity } from './lengthValidity';
import { runsOut } from './runOut';
import { isTouch } from '../../records/log/reading';
import { currentEpoch, lastZeroing, isOnThisScale, activeReadings, scaleOf } from '../basis/activeRecords';

/** One tool as the machine's school has it. */
export interface TableRow {
  number: number;
  name: string;
  isReference: boolean;
  /** In the machine's school, mm; null while it is not known. */
  length: number | null;
  U: number | null;
  /** Kept for this machine from before, where the tool is still as it was then. */
  kept: number | null;
  /** A length was kept, and counts no more. */
  stale: boolean;
  /** Why it does not. */
  changed?: Stale;
  /** It runs out too far: what is kept of it stays as it is. */
  runsOut: boolean;
}

export interface TableAnswer {
  school: LengthMethod;
  rows: TableRow[];
  /** Work offset Z that goes with these numbers, mm; null where it is not known. */
  workOffset: number | null;
  /** What is missing before the school's numbers can be told. */
  missing: string | null;
  findings: ToolTableCheckOutput['findings'];
}

/** U of a length against one that was kept, where its own is not known, mm. */
const KEPT_U = 0.05;

/** What the numbers are counted from, on the scale as it is now. */
export function frameOf(book: SetupState): LengthFrame {
  const { setup, gauges } = book;
  const zero = zZeroAnswer(book);
  const last = zero?.readings.at(-1);
  // As thick as it was known to be when it was touched.
  const gauge = last ? gaugeAt(book, last.gaugeId, last.takenAt) : gauges.find(({ id }) => id === setup.heightGaugeId);
  const set = lastZeroing(book, 'z');
  const here = zero && isOnThisScale(book, zero.readings);
  const top = topAboveZero(book);
  const byControl = last?.source.by === 'control';
  // Set while the reference tool touched, the scale shows there what it was set to.
  // A probe's touch is the reference tool's only by what it is longer.
  const seen = zero?.longer === undefined ? undefined : zero.result.repeats.mean - zero.longer;
  const reference = here ? seen : set?.form === 'preset' ? set.value : undefined;
  return {
    reference,
    gauge: byControl ? 0 : gauge && gapOf(book, gauge),
    surface: top === undefined ? undefined : (book.datumPlan.heights?.surface ?? 0) + top,
    trigger: triggerOf(book),
  };
}

/** Where the bare gauge line would touch: Z with a master tool less its length, from the latest master touched. */
function triggerOf(book: SetupState): number | undefined {
  const last = book.readings.findLast(({ subject, struckBy }) => subject.kind === 'master' && struckBy === null);
  if (last?.subject.kind !== 'master') return undefined;
  const master = gaugeAt(book, last.subject.master, last.takenAt);
  const values = activeReadings(book, last.subject).map(({ value }) => value);
  return master && mean(values) - sizeOf(master);
}

/** The tool table as the machine keeps it, from the readings in force, with what cannot be right in it. */
export function tableAnswer(book: SetupState): TableAnswer {
  const school = book.machine.habits.toolLengthSchool;
  const { referenceTool } = book.setup;
  const frame = frameOf(book);
  const changed = referenceChanged(book);
  let missing: string | null = null;
  const inSchool = (z: number): number | null => {
    try {
      return lengthIn(school, z, frame);
    } catch (error) {
      if (!(error instanceof Refusal)) throw error;
      missing = error.message;
      return null;
    }
  };
  const rows = book.tools
    .filter(({ retiredOn }) => retiredOn === undefined)
    .map((tool): TableRow => {
      const { number, name } = tool;
      const isReference = number === referenceTool;
      const answer = isReference ? undefined : toolLengthAnswer(book, number);
      const offset = isReference ? (changed ? undefined : 0) : answer?.result.offset;
      const z = offset === undefined || frame.reference === undefined ? undefined : frame.reference + offset;
      const own =
        book.toolTable?.school === school ? book.toolTable.rows.find((row) => row.number === number) : undefined;
      const why = own && staleOf(book, school, own);
      return {
        number,
        name,
        isReference,
        length: z === undefined ? null : inSchool(z),
        U: answer?.result.uncertainty.U ?? null,
        kept: own && !why ? own.length : null,
        stale: why !== undefined,
        ...(why && { changed: why }),
        runsOut: runsOut(book, tool),
      };
    });
  const workOffset = offsetOf(school, frame);
  return { school, rows, workOffset, missing, findings: findingsOf(book, school, rows, workOffset) };
}

function staleOf(
  book: SetupState,
  school: LengthMethod,
  { number, cutterId, against, keptAt: at }: NonNullable<SetupState['toolTable']>['rows'][number],
): Stale | undefined {
  if (!lengthValidity(book, number, { cutterId, at })) return 'tool';
  const { referenceTool } = book.setup;
  if (school !== 'reference-tool' || number === referenceTool) return undefined;
  return lengthValidity(book, referenceTool, { cutterId: against, at }) ? undefined : 'reference';
}

function offsetOf(school: LengthMethod, frame: LengthFrame): number | null {
  try {
    return workOffsetZ(school, frame);
  } catch (error) {
    if (error instanceof Refusal) return null;
    throw error;
  }
}

/** Tools whose latest touch was on another gauge than the reference tool's. */
function onOtherGauge(book: SetupState): number[] {
  const used = activeReadings(book, { kind: 'z-zero', tool: book.setup.referenceTool }).at(-1)?.gaugeId;
  if (used === undefined) return [];
  return book.tools.flatMap(({ number }) => {
    const last = activeReadings(book, { kind: 'tool-length', tool: number }).at(-1);
    return last && last.gaugeId !== used ? [number] : [];
  });
}

function findingsOf(
  book: SetupState,
  school: LengthMethod,
  rows: readonly TableRow[],
  workOffset: number | null,
): ToolTableCheckOutput['findings'] {
  const { gauges, setup, machine } = book;
  const gauge = gauges.find(({ id }) => id === setup.heightGaugeId);
  const known = rows.filter((row): row is TableRow & { length: number } => row.length !== null && !row.isReference);
  const widest = Math.max(0, ...known.map(({ U }) => U ?? 0));
  return toolTableCheck({
    school,
    reference: setup.referenceTool,
    rows: known.map(({ number, length, kept }) => ({ number, length, ...(kept !== null && { known: kept }) })),
    U: Math.hypot(widest, widest) || KEPT_U,
    ...(gauge && { gauge: thicknessOf(gauge) }),
    ...(gauge?.measured !== undefined &&
      gauge.measured !== gauge.nominal && { plate: { entered: gauge.nominal, measured: gauge.measured } }),
    ...(machine.axes.z.travel !== undefined && { travel: machine.axes.z.travel }),
    // In machine coordinates the spindle all the way up is zero; the part's top may stand above Z zero.
    ...(scaleOf(book) === 'machine' &&
      workOffset !== null && { clear: { top: 0, workOffset: workOffset + (topAboveZero(book) ?? 0) } }),
    otherGauge: onOtherGauge(book),
    // Once a table is begun: before that every tool is missing, and everyone knows.
    ...(known.length > 0 && { needed: stillNeeded(book, rows) }),
  }).findings;
}

/** Tools the holes call for that have no length, neither touched now nor kept. */
const stillNeeded = (book: SetupState, rows: readonly TableRow[]): number[] =>
  neededTools(book).filter((number) =>
    rows.some((row) => row.number === number && !row.isReference && row.length === null && row.kept === null),
  );

/** The reference tool touched again after the others: what it should show, what it did, and whether that is good. */
export interface ClosingCheck {
  expected: number;
  U: number;
  shown: number | null;
  agrees: boolean | null;
}

/**
 * The closing check of a round of tools: the reference touches the same gauge again and must come back within the
 * stated uncertainty of both touches. Undefined while no other tool was touched on the scale as it is.
 */
export function closingCheck(book: SetupState): ClosingCheck | undefined {
  const scale = scaleOf(book);
  const epoch = currentEpoch(book, 'z');
  const here = book.readings
    .filter(isTouch)
    .filter(
      (reading) =>
        reading.axis === 'z' && reading.place.scale === scale && reading.epoch === epoch && reading.struckBy === null,
    );
  const others = here.filter(({ subject }) => subject.kind === 'tool-length');
  const first = others[0];
  if (!first) return undefined;
  // On the same gauge alone: a probe, or another block, touches elsewhere.
  const reference = here.filter(({ subject, gaugeId }) => subject.kind === 'z-zero' && gaugeId === first.gaugeId);
  const at = here.indexOf(first);
  const before = reference.filter((reading) => here.indexOf(reading) < at);
  const after = reference.filter((reading) => here.indexOf(reading) > at);
  const set = lastZeroing(book, 'z');
  const expected =
    before.length > 0 ? mean(before.map(({ value }) => value)) : set?.form === 'preset' ? set.value : undefined;
  if (expected === undefined) return undefined;
  const gauge = book.gauges.find(({ id }) => id === first.gaugeId);
  const each = gauge ? 2 * Math.hypot(uTouch(gauge), book.machine.axes.z.step / Math.sqrt(12)) : KEPT_U;
  const U = Math.hypot(each, each);
  const shown = after.length > 0 ? mean(after.map(({ value }) => value)) : null;
  return { expected, U, shown, agrees: shown === null ? null : Math.abs(shown - expected) <= 1.5 * U };
}
