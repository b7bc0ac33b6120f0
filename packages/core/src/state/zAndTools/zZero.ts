import { GAUGE_FACTS } from '../../metrology/gauges/gaugeKinds';
import { isTouch, type TouchReading } from '../../records/log/reading';
import type { Zeroing } from '../../records/log/zeroing';
import { answerWith, type StateAnswer } from '../gauges/answer';
import { memoize, gaugeAt, type SetupState } from '../basis/setupState';
import { keepsTable } from '../../zAndTools/schools';
import { toolLength } from '../../zAndTools/toolLength';
import type { ToolLengthInput, ToolLengthOutput } from '../../zAndTools/toolLength.schema';
import { zZero } from '../../zAndTools/zZero';
import type { ZZeroOutput } from '../../zAndTools/zZero.schema';
import { methodWith, sameUse, uSize, uTouch } from '../gauges/contactSize';
import { heightMethod } from '../../zAndTools/heightMethod';
import { topAboveZero } from './zZeroHeight';
import { judge } from '../../metrology/judge';
import { combine, type BudgetPart } from '../../metrology/uncertainty';
import { homingPart } from '../datum/zeroDoubt';
import type { KnownGauge } from '../basis/calibratedGauge';
import { gapOf, gaugeSits } from '../gauges/gaugeSeat';
import { allReadingsOf, lastZeroing, activeReadings } from '../basis/activeRecords';
import { probeRelation } from '../gauges/probeRelation';
import { lengthValidity } from './lengthValidity';

/** Where the part's zero in Z is, by the reference tool. */
export interface ZZeroAnswer extends StateAnswer<'z-zero'> {
  result: ZZeroOutput;
  readings: readonly TouchReading[];
  /** How much longer what touched is than the reference tool, mm; undefined where a probe touched and nobody knows. */
  longer: number | undefined;
}

/** A tool's length against the reference tool's. */
export interface ToolLengthAnswer extends StateAnswer<'tool-length'> {
  result: ToolLengthOutput;
  readings: readonly TouchReading[];
}

/** The same answer with something more that is not known of it. */
function lessSure(found: ZZeroOutput, part: BudgetPart, tolerance: number): ZZeroOutput {
  const uncertainty = combine([...found.uncertainty.parts, part]);
  return { ...found, uncertainty, verdict: judge(uncertainty.U, tolerance) };
}

/** How far off a depth may be, mm: as positions may until somebody said. */
export const depthTolerance = ({ datumPlan, setup }: Pick<SetupState, 'datumPlan' | 'setup'>): number =>
  datumPlan.heights?.tolerance ?? setup.tolerance;

/** The step tools are raised by past this gauge, mm; none where it is lowered upon, and so felt at once. */
export function stepPast({ datumPlan }: Pick<SetupState, 'datumPlan'>, gauge: KnownGauge): number | undefined {
  return heightMethod(gauge.kind).arrives === 'raised' ? datumPlan.heights?.step : undefined;
}

/** What was touched with a cutter is of that one, as it was: another under its number, or one ground since, stands elsewhere. */
const ofThisCutter = (book: SetupState, tool: number, { cutterId, takenAt: at }: TouchReading): boolean =>
  lengthValidity(book, tool, { cutterId, at });

/** Whether the tool itself touched: not what stands in the spindle or on an arm in its place, nor a cycle of the control. */
function byTool(book: SetupState, { gaugeId, source }: TouchReading): boolean {
  const gauge = book.gauges.find(({ id }) => id === gaugeId);
  return (
    source.by !== 'control' && (!gauge || (!GAUGE_FACTS[gauge.kind].ownLength && gaugeSits(book, gauge) === 'under'))
  );
}

/** A tool was touched off, and is not what it was then: another has its number, or it was ground since. */
export function lengthIsOver(book: SetupState, tool: number): boolean {
  const isReference = tool === book.setup.referenceTool;
  const touched = activeReadings(book, { kind: isReference ? 'z-zero' : 'tool-length', tool });
  const counting = isReference ? zZeroReadings(book) : touched.filter((reading) => ofThisCutter(book, tool, reading));
  return touched.length > 0 && counting.length === 0;
}

/** Z was found by a reference tool that is not what it was then. */
export const referenceChanged = (book: SetupState): boolean => lengthIsOver(book, book.setup.referenceTool);

const zZeroReadings = (book: SetupState): TouchReading[] => {
  const tool = book.setup.referenceTool;
  return activeReadings(book, { kind: 'z-zero', tool }).filter(
    (reading) => !byTool(book, reading) || ofThisCutter(book, tool, reading),
  );
};

/** Z zero, wherever it was said to be, from the reference tool's readings in force; undefined while there are none. */
export const zZeroAnswer = (book: SetupState): ZZeroAnswer | undefined => memoize(book, 'z-zero', () => zZeroOf(book));

function zZeroOf(book: SetupState): ZZeroAnswer | undefined {
  const { heights } = book.datumPlan;
  const inForce = zZeroReadings(book);
  const last = inForce.at(-1);
  const gauge = last && gaugeAt(book, last.gaugeId, last.takenAt);
  // A cycle of the control has taken gauge and probe off already: what it gives is the surface itself.
  const byControl = last?.source.by === 'control';
  const gap = gauge && (byControl ? 0 : gapOf(book, gauge));
  const top = topAboveZero(book);
  if (!gauge || gap === undefined || top === undefined) return undefined;
  const readings = inForce.filter((reading) => sameUse(book, reading, last));
  const step = byControl ? undefined : stepPast(book, gauge);
  const direct =
    byControl || (gap === 0 && (gaugeSits(book, gauge) === 'spindle' || GAUGE_FACTS[gauge.kind].ownLength));
  const relation = direct && !byControl ? probeRelation(book, gauge) : undefined;
  const touched = zZero({
    readings: readings.map(({ value }) => value),
    gaugeThickness: gap,
    direct,
    ...(relation && relation.longer !== 0 && { longer: relation.longer }),
    surfaceHeight: (heights?.surface ?? 0) + top,
    ...(heights?.lift && { lift: heights.lift }),
    ...(step !== undefined && { search: { step, takeHalf: heights?.keepsGauge !== true } }),
    method: methodWith(book, gauge, 'z'),
    uTouch: uTouch(gauge),
    uSize: direct && !byControl ? 0 : uSize(gauge, 'thickness'),
    tolerance: depthTolerance(book),
  });
  const more: (BudgetPart | undefined)[] = [
    relation && { name: 'probe against the reference tool', u: relation.U / 2, shape: 'normal' },
    homingPart(book, last.takenAt),
  ];
  const result = more.reduce<ZZeroOutput>(
    (found, part) => (part ? lessSure(found, part, depthTolerance(book)) : found),
    touched,
  );
  return {
    ...answerWith('z-zero', result, readings, depthTolerance(book)),
    readings,
    longer: direct && !byControl ? relation?.longer : 0,
  };
}

/** Z was found by a probe in the spindle, and how long that is against the tools is not known: it is the probe's Z alone. */
export function zByProbe(book: SetupState): boolean {
  const zero = zZeroAnswer(book);
  return zero !== undefined && zero.longer === undefined;
}

/**
 * A setting of Z from what a probe found, while its length against the tools was not known: no cutter's Z, until one touches
 * the spot that the probe touched.
 */
export function zSetByProbe(book: SetupState, { subject, at }: Pick<Zeroing, 'subject' | 'at'>): boolean {
  if (subject.kind !== 'z-zero') return false;
  const before = allReadingsOf(book, subject).filter(
    (one): one is TouchReading => isTouch(one) && one.struckBy === null && one.takenAt <= at,
  );
  const last = before.at(-1);
  const gauge = last && gaugeAt(book, last.gaugeId, last.takenAt);
  // A control with a table takes the probe's length off itself; one without knows only the probe.
  if (!last || !gauge || (last.source.by === 'control' && keepsTable(book.machine.habits.toolLengthSchool)))
    return false;
  const inSpindle = GAUGE_FACTS[gauge.kind].ownLength || gaugeSits(book, gauge) === 'spindle';
  return inSpindle && probeRelation(book, gauge) === undefined;
}

/**
 * A tool's offset against the reference tool; undefined until both have touched the same gauge on
 * the same scale. When Z was set since the reference touched, its Z is what was set.
 */
export const toolLengthAnswer = (book: SetupState, tool: number): ToolLengthAnswer | undefined =>
  memoize(book, `tool-length ${tool}`, () => toolLengthOf(book, tool));

function toolLengthOf(book: SetupState, tool: number): ToolLengthAnswer | undefined {
  const inForce = activeReadings(book, { kind: 'tool-length', tool }).filter((reading) =>
    ofThisCutter(book, tool, reading),
  );
  const last = inForce.at(-1);
  const gauge = last && gaugeAt(book, last.gaugeId, last.takenAt);
  const referenceZ = last && referenceOn(book, last);
  if (!last || !gauge || !referenceZ || tool === book.setup.referenceTool) return undefined;
  const readings = inForce.filter((reading) => sameUse(book, reading, last));
  const searchStep = stepPast(book, gauge);
  const result = toolLength({
    reference: { tool: book.setup.referenceTool, z: referenceZ },
    tool,
    readings: readings.map(({ value }) => value),
    method: methodWith(book, gauge, 'z'),
    uTouch: uTouch(gauge),
    ...(searchStep !== undefined && { searchStep }),
    tolerance: depthTolerance(book),
  });
  return { ...answerWith('tool-length', result, readings, depthTolerance(book)), readings };
}

/** Z of the reference tool on the scale and gauge of a reading, or undefined where nothing compares. */
function referenceOn(book: SetupState, reading: TouchReading): ToolLengthInput['reference']['z'] | undefined {
  const zero = zZeroAnswer(book);
  if (!zero) return undefined;
  // What a control's cycle gave is the surface, and no tool on a gauge.
  const touched = zero.readings.filter(({ gaugeId, source }) => gaugeId === reading.gaugeId && source.by !== 'control');
  if (touched.length === 0) return undefined;
  if (touched.every(({ epoch }) => epoch === reading.epoch)) return { readings: touched.map(({ value }) => value) };
  const set = lastZeroing(book, 'z');
  const setWhileTouching = set?.form === 'preset' && set.opens === reading.epoch;
  return setWhileTouching ? { setTo: set.value } : undefined;
}
