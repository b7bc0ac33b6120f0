import type { Calibrated, Calibration, RotaryName } from '../../records/shop/calibration';
import type { ChecklistTick } from '../../records/log/checklistTick';
import type { Bore } from '../../records/setup/cutPlan';
import { toolsOf } from '../../records/shop/magazine';
import type { Tool } from '../../records/shop/cutter';
import type { Gauge } from '../../records/shop/gauge';
import type { Machine } from '../../records/shop/machine';
import type { Reading } from '../../records/log/reading';
import type { Snapshot } from '../../records/snapshots/snapshot';
import type { Zeroing } from '../../records/log/zeroing';
import type { Axis } from '../../schema/quantities';
import type { ScaleError } from '../../calibration/scale/scaleErrorAt';
import {
  backlashOf,
  cutterSizeOf,
  gaugeKnownBy,
  scaleErrorsOf,
  springOf,
  type Backlash,
  type KnownGauge,
} from './calibratedGauge';
import { asOf } from './calibrationsAsOf';
import { rotaryKnownBy, type KnownRotary } from './rotaryCentre';
import { subjectKey } from './subjectKey';

type Profile = Machine['axes']['x'];

/** A machine with what was found of its axes. */
export interface KnownMachine extends Omit<Machine, 'axes' | 'rotary'> {
  axes: Record<Axis, Profile & { backlash?: Backlash; errors?: readonly ScaleError[] }>;
  rotary?: KnownRotary[];
}

/** What is in force in a setup, looked up once for the snapshot it was opened from. */
interface Index {
  /** Readings of each subject, struck ones included, in the order of the log. */
  ofSubject: ReadonlyMap<string, readonly Reading[]>;
  /** Settings of each axis on each scale, in the order they were made. */
  settings: ReadonlyMap<string, readonly Zeroing[]>;
  /** Calibrations of each thing, in the order they were made. */
  calibrations: ReadonlyMap<string, readonly Calibration[]>;
  /** What was said last of each item. */
  lastCheck: ReadonlyMap<string, ChecklistTick>;
}

/** A setup opened to be read: its record, what the shop knows today, and everything in force. */
export interface SetupState extends Omit<Snapshot, 'gauges' | 'machine'> {
  /** Gauges as they are known today; for a reading of another day there is `gaugeAt`. */
  gauges: KnownGauge[];
  machine: KnownMachine;
  /** Cutters by the numbers this machine has given them. */
  tools: readonly Tool[];
  readonly index: Index;
}

/** Answers worked out so far, by book and name. */
const answersOf = new WeakMap<SetupState, Map<string, unknown>>();

/** Setups whose books are kept at hand. */
const KEPT_SETUPS = 4;

/**
 * The books opened last, by setup: the newest and the one before it. Not by snapshot in a weak table: each reading makes
 * a snapshot, and what such a table still names outlives several sweeps of memory, a pause in the middle of a touch.
 */
const opened = new Map<string, readonly { snapshot: Snapshot; book: SetupState }[]>();

/**
 * Opens a setup: one pass over its record. The same snapshot gives the same book, with every answer that was already
 * worked out of it, until two newer ones of its setup were opened.
 */
export function deriveState(snapshot: Snapshot): SetupState {
  const { id } = snapshot.setup;
  const recent = opened.get(id) ?? [];
  const known = recent.find((one) => one.snapshot === snapshot);
  if (known) return known.book;
  const book = makeBook(snapshot, indexOf(snapshot));
  opened.delete(id);
  opened.set(id, [{ snapshot, book }, ...recent.slice(0, 1)]);
  if (opened.size > KEPT_SETUPS) for (const [oldest] of [...opened].slice(0, 1)) opened.delete(oldest);
  return book;
}

function makeBook(snapshot: Snapshot, index: Index): SetupState {
  return {
    ...snapshot,
    machine: knownMachine(index.calibrations, snapshot.machine),
    gauges: snapshot.gauges.map((gauge) => gaugeKnownBy(gauge, index.calibrations.get(gauge.id) ?? [])),
    tools: toolsOf(snapshot.cutters, snapshot.magazine),
    index,
  };
}

function knownMachine(calibrations: Index['calibrations'], machine: Machine): KnownMachine {
  const profile = (axis: Axis) => {
    const own = calibrations.get(axisKey(machine.id, axis)) ?? [];
    const [backlash, errors] = [backlashOf(own), scaleErrorsOf(own)];
    return { ...machine.axes[axis], ...(backlash && { backlash }), ...(errors && { errors }) };
  };
  const rotary = machine.rotary?.map((axis) =>
    rotaryKnownBy(axis, calibrations.get(axisKey(machine.id, axis.name)) ?? []),
  );
  return { ...machine, axes: { x: profile('x'), y: profile('y'), z: profile('z') }, ...(rotary && { rotary }) };
}

/** Gauges and machines of a shop as they are known today. */
export function knownToday<G extends Gauge, M extends Machine>(shop: {
  gauges: readonly G[];
  machines: readonly M[];
  calibrations: readonly Calibration[];
}): { gauges: KnownGauge[]; machines: KnownMachine[] } {
  const calibrations = calibrationsOf(shop.calibrations);
  return {
    gauges: shop.gauges.map((gauge) => gaugeKnownBy(gauge, calibrations.get(gauge.id) ?? [])),
    machines: shop.machines.map((machine) => knownMachine(calibrations, machine)),
  };
}

function indexOf(snapshot: Snapshot): Index {
  return {
    ofSubject: grouped(snapshot.readings, keyOfReading),
    settings: sortedGroups(
      snapshot.zeroings,
      ({ axis, place }) => `${axis} ${place.scale}`,
      (a, b) => a.at.localeCompare(b.at) || a.seq - b.seq,
    ),
    calibrations: asOf(calibrationsOf(snapshot.calibrations), snapshot.datumPlan.reckonedAs),
    lastCheck: new Map(snapshot.checks.map((check) => [check.item, check])),
  };
}

const keyOfReading = ({ subject }: Reading): string => subjectKey(subject);

/**
 * Calibrations of each thing, in the order they were made: of those that count at a moment the one made last is in force,
 * so that "it was so from the start" takes the place of all that was said before it.
 */
const calibrationsOf = (calibrations: readonly Calibration[]): Map<string, Calibration[]> =>
  sortedGroups(
    calibrations,
    ({ of }) => calibratedKey(of),
    (a, b) => a.at.localeCompare(b.at) || a.seq - b.seq,
  );

/** The name calibrations of one thing are kept under. */
export function calibratedKey(of: Calibrated): string {
  switch (of.kind) {
    case 'gauge':
      return of.gaugeId;
    case 'cutter':
      return cutterKey(of.cutterId);
    case 'axis':
    case 'rotary':
      return axisKey(of.machineId, of.axis);
    case 'spot':
      return axisKey(of.machineId, 'spot');
  }
}

/** Calibrations of one thing, in the order they were made. */
export const calibrationsAt = (book: Pick<SetupState, 'index'>, of: Calibrated): readonly Calibration[] =>
  book.index.calibrations.get(calibratedKey(of)) ?? [];

const axisKey = (machineId: string, axis: Axis | RotaryName | 'spot'): string => `${machineId} ${axis}`;

const cutterKey = (cutterId: string): string => `cutter ${cutterId}`;

function grouped<T>(all: readonly T[], key: (one: T) => string): Map<string, T[]> {
  const groups = new Map<string, T[]>();
  for (const one of all) {
    const name = key(one);
    const group = groups.get(name);
    if (group) group.push(one);
    else groups.set(name, [one]);
  }
  return groups;
}

function sortedGroups<T>(all: readonly T[], key: (one: T) => string, order: (a: T, b: T) => number): Map<string, T[]> {
  const groups = grouped(all, key);
  for (const group of groups.values()) group.sort(order);
  return groups;
}

/** The same setup with its touches of before reckoned by what was known at a moment; kept nowhere. */
export function deriveStateAs(book: SetupState, moment: string): SetupState {
  const { index: _, gauges: _gauges, machine: _machine, tools: _tools, ...rest } = book;
  const snapshot: Snapshot = {
    ...rest,
    gauges: book.gauges.map(bare),
    machine: book.machine,
    datumPlan: { ...book.datumPlan, reckonedAs: moment },
  };
  return makeBook(snapshot, indexOf(snapshot));
}

/** A gauge as it was known at a moment; undefined where the shop has none of that id. */
export function gaugeAt(book: SetupState, id: string, moment: string): KnownGauge | undefined {
  const today = book.gauges.find((gauge) => gauge.id === id);
  if (!today || !book.index.calibrations.has(id)) return today;
  return memoize(book, `gauge ${id} ${moment}`, () =>
    gaugeKnownBy(bare(today), book.index.calibrations.get(id) ?? [], moment),
  );
}

/** A book whose gauges are as they were known at a moment: for what was read then. */
export const asKnownAt = (book: SetupState, moment: string): SetupState => ({
  ...book,
  gauges: book.gauges.map(({ id }) => gaugeAt(book, id, moment)).filter((gauge) => gauge !== undefined),
});

/** A gauge without what was found of it. */
const bare = ({
  measured: _size,
  measuredU: _uSize,
  offsets: _adds,
  tir: _tir,
  u: _u,
  errorU: _errors,
  length: _length,
  arm: _arm,
  checkedAt: _at,
  ...gauge
}: KnownGauge): Gauge => gauge;

/** A cutter's diameter as it had been measured at a moment, mm; undefined while nobody had. */
export const cutterSizeAt = (book: SetupState, cutterId: string, moment: string): ReturnType<typeof cutterSizeOf> =>
  cutterSizeOf(book.index.calibrations.get(cutterKey(cutterId)) ?? [], moment);

/** The spring kept of a bar of the shop as it is used for a bore; undefined where none was kept. */
export const springKept = (
  book: SetupState,
  { bar, stickOut }: Pick<Bore, 'bar' | 'stickOut'>,
): ReturnType<typeof springOf> =>
  bar === undefined || stickOut === undefined
    ? undefined
    : springOf(book.index.calibrations.get(cutterKey(bar)) ?? [], { stickOut, material: book.part.material });

/** Lost motion of an axis as it was known at a moment; undefined where nobody had measured it. */
export const backlashAt = (book: SetupState, axis: Axis, moment: string): Backlash | undefined =>
  backlashOf(book.index.calibrations.get(axisKey(book.machine.id, axis)) ?? [], moment);

/** Works an answer out once for a book; answers that refuse refuse every time. */
export function memoize<T>(book: SetupState, name: string, work: () => T): T {
  const answers = answersOf.get(book) ?? new Map<string, unknown>();
  answersOf.set(book, answers);
  if (answers.has(name)) return answers.get(name) as T;
  const answer = work();
  answers.set(name, answer);
  return answer;
}

/** The book as it would be with other readings; only their subjects are looked up again. */
export function withReadings(book: SetupState, readings: Reading[]): SetupState {
  return {
    ...book,
    readings,
    index: { ...book.index, ofSubject: grouped(readings, keyOfReading) },
  };
}
