import type { DialReading } from '../../records/log/reading';
import { answerWith, type StateAnswer } from '../gauges/answer';
import { memoize, gaugeAt, type SetupState } from '../basis/setupState';
import { allReadingsOf } from '../basis/activeRecords';
import type { Tool } from '../../records/shop/cutter';
import { materialOf } from '../../boreAndFace/materials';
import { runOut } from '../../zAndTools/runOut';
import { runOutHeights, runOutLimit } from '../../zAndTools/runOutLimit';
import type { RunOutOutput } from '../../zAndTools/runOut.schema';
import { uTouch } from '../gauges/contactSize';

/** Most a tool may usually run out, by its size and the part's material, mm. */
export const runOutUsual = ({ part }: Pick<SetupState, 'part'>, tool: Tool): number =>
  runOutLimit(tool.diameter, materialOf(part.material));

/** How far a tool may run out here: as it was said for this setup, else what is usual for a tool of its size, mm. */
export const runOutAllowed = (book: Pick<SetupState, 'datumPlan' | 'part'>, tool: Tool): number =>
  book.datumPlan.heights?.runOut?.tolerance ?? runOutUsual(book, tool);

/** Places round a tool without teeth. */
const AROUND = 4;

const evenly = (count: number): number[] =>
  Array.from({ length: count }, (_, i) => Math.round((i * 360_000) / count) / 1000);

/** Where round a tool's end it is read, degrees: at each tooth, or at four places where it has none or but one. */
export const runOutPlaces = (tool: Tool): number[] =>
  evenly(tool.teeth !== undefined && tool.teeth >= 2 ? tool.teeth : AROUND);

/** A height that is read all round: at the teeth, or on the shank at angles of the spindle. */
export interface RunOutRing {
  on: 'teeth' | 'shank';
  height: number;
  places: number[];
}

/** The heights a tool is read at, by its size. */
export function runOutRings(tool: Tool): [RunOutRing, ...RunOutRing[]] {
  const { teeth, shank } = runOutHeights(tool.diameter);
  return [
    { on: 'teeth', height: teeth, places: runOutPlaces(tool) },
    ...shank.map((height): RunOutRing => ({ on: 'shank', height, places: evenly(AROUND) })),
  ];
}

/** The latest time a tool's run-out was read; 1 before the first. */
export const runOutPass = (book: SetupState, tool: number): number =>
  allOf(book, tool).reduce((most, { subject }) => Math.max(most, subject.pass), 1);

type RunOutReading = DialReading & { subject: Extract<DialReading['subject'], { kind: 'run-out' }> };

const allOf = (book: SetupState, tool: number): RunOutReading[] =>
  allReadingsOf(book, { kind: 'run-out', tool, height: 0, place: 0, pass: 1 }).filter(
    (one): one is RunOutReading => one.subject.kind === 'run-out',
  );

/** Readings of the latest time, the struck ones left out. */
export const runOutReadings = (book: SetupState, tool: number): RunOutReading[] => {
  const pass = runOutPass(book, tool);
  return allOf(book, tool).filter(({ subject, struckBy }) => struckBy === null && subject.pass === pass);
};

/** How a tool runs out. */
export type RunOutAnswer = StateAnswer<'run-out'> & { result: RunOutOutput };

/** How a tool runs out by the readings in force; undefined until one height was read all round. */
export const toolRunOut = (book: SetupState, tool: Tool): RunOutAnswer | undefined =>
  memoize(book, `run-out ${tool.number}`, () => runOutOf(book, tool));

function runOutOf(book: SetupState, tool: Tool): RunOutAnswer | undefined {
  const readings = runOutReadings(book, tool.number);
  const [end, ...shank] = runOutRings(tool);
  // What was read near the tip at another height, by an older rule, is of the teeth as well.
  const nearTip = readings.findLast(({ subject }) => subject.height < (shank[0]?.height ?? Infinity));
  const rings = [{ ...end, height: nearTip?.subject.height ?? end.height }, ...shank].flatMap(
    ({ on, height, places }) => {
      const at = places.flatMap((place) => {
        const last = readings.findLast(({ subject }) => subject.height === height && subject.place === place);
        return last ? [{ angle: place, reading: last.value }] : [];
      });
      return at.length === places.length ? [{ on, height, readings: at }] : [];
    },
  );
  const last = readings.at(-1);
  const gauge = last && gaugeAt(book, last.gaugeId, last.takenAt);
  if (rings.length === 0 || !gauge) return undefined;
  const tolerance = runOutAllowed(book, tool);
  const result = runOut({ rings, tolerance, resolution: gauge.resolution ?? 0.01, methodSd: uTouch(gauge) });
  return answerWith('run-out', result, readings, tolerance);
}

/** Whether a tool's stored length must be left as it is: it runs out too far, and that is not only being measured. */
export const runsOut = (book: SetupState, tool: Tool): boolean =>
  book.datumPlan.heights?.runOut?.measureOnly !== true && toolRunOut(book, tool)?.result.passed === false;

/** Tools of the same kind and size that are not known to run out. */
export const sistersOf = (book: SetupState, tool: Tool): Tool[] =>
  book.tools.filter(
    (one) =>
      one.number !== tool.number &&
      one.retiredOn === undefined &&
      one.kind !== undefined &&
      one.kind === tool.kind &&
      one.diameter === tool.diameter &&
      toolRunOut(book, one)?.result.passed !== false,
  );
