import type { DialReading } from '../../record/reading';
import { answerWith, type BookAnswer } from '../answer';
import { answered, gaugeAt, type Book } from '../book';
import { allReadingsOf } from '../inForce';
import type { Tool } from '../../record/cutter';
import { runOut } from '../../heights/runOut';
import type { RunOutOutput } from '../../heights/runOut.schema';
import { touchU } from '../gaugeUse';

/** Most a tool may run out where nothing else was said, mm. */
export const RUN_OUT_TOLERANCE = 0.025;

/** Heights above the tip that are read, mm: near it, and further up to tell a tilt. */
export const RUN_OUT_HEIGHTS = [5, 25] as const;

/** Places round a tool without teeth. */
const AROUND = 4;

/** Where round a tool it is read, degrees: at each tooth, or at four places where it has none or but one. */
export function runOutPlaces(tool: Tool): number[] {
  const count = tool.teeth !== undefined && tool.teeth >= 2 ? tool.teeth : AROUND;
  return Array.from({ length: count }, (_, i) => Math.round((i * 360_000) / count) / 1000);
}

/** The latest time a tool's run-out was read; 1 before the first. */
export const runOutPass = (book: Book, tool: number): number =>
  allOf(book, tool).reduce((most, { subject }) => Math.max(most, subject.pass), 1);

type RunOutReading = DialReading & { subject: Extract<DialReading['subject'], { kind: 'run-out' }> };

const allOf = (book: Book, tool: number): RunOutReading[] =>
  allReadingsOf(book, { kind: 'run-out', tool, height: 0, place: 0, pass: 1 }).filter(
    (one): one is RunOutReading => one.subject.kind === 'run-out',
  );

/** Readings of the latest time, the struck ones left out. */
export const runOutReadings = (book: Book, tool: number): RunOutReading[] => {
  const pass = runOutPass(book, tool);
  return allOf(book, tool).filter(({ subject, struckBy }) => struckBy === null && subject.pass === pass);
};

/** How a tool runs out. */
export type RunOutAnswer = BookAnswer<'run-out'> & { result: RunOutOutput };

/** How a tool runs out by the readings in force; undefined until one height was read all round. */
export const toolRunOut = (book: Book, tool: Tool): RunOutAnswer | undefined =>
  answered(book, `run-out ${tool.number}`, () => runOutOf(book, tool));

function runOutOf(book: Book, tool: Tool): RunOutAnswer | undefined {
  const readings = runOutReadings(book, tool.number);
  const places = runOutPlaces(tool);
  const rings = RUN_OUT_HEIGHTS.flatMap((height) => {
    const at = places.flatMap((place) => {
      const last = readings.filter(({ subject }) => subject.height === height && subject.place === place).at(-1);
      return last ? [{ angle: place, reading: last.value }] : [];
    });
    return at.length === places.length ? [{ height, readings: at }] : [];
  });
  const last = readings.at(-1);
  const gauge = last && gaugeAt(book, last.gaugeId, last.takenAt);
  if (rings.length === 0 || !gauge) return undefined;
  const tolerance = book.datumPlan.heights?.runOut?.tolerance ?? RUN_OUT_TOLERANCE;
  const result = runOut({ rings, tolerance, resolution: gauge.resolution ?? 0.01, methodSd: touchU(gauge) });
  return answerWith('run-out', result, readings, tolerance);
}

/** Whether a tool's stored length must be left as it is: it runs out too far, and that is not only being measured. */
export const runsOut = (book: Book, tool: Tool): boolean =>
  book.datumPlan.heights?.runOut?.measureOnly !== true && toolRunOut(book, tool)?.result.passed === false;

/** Tools of the same kind and size that are not known to run out. */
export const sistersOf = (book: Book, tool: Tool): Tool[] =>
  book.tools.filter(
    (one) =>
      one.number !== tool.number &&
      one.retiredOn === undefined &&
      one.kind !== undefined &&
      one.kind === tool.kind &&
      one.diameter === tool.diameter &&
      toolRunOut(book, one)?.result.passed !== false,
  );
