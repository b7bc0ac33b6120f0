import type { Reading } from '../contract/ledger';
import type { Snapshot } from '../contract/setup';
import type { Tool } from '../contract/shop';
import { runOut } from '../heights/runOut';
import type { RunOutOutput } from '../heights/runOut.schema';
import { touchU } from './gaugeUse';

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
export const runOutPass = ({ readings }: Pick<Snapshot, 'readings'>, tool: number): number =>
  readings.reduce(
    (most, { subject }) => (subject.kind === 'run-out' && subject.tool === tool ? Math.max(most, subject.pass) : most),
    1,
  );

/** Readings of the latest time, the struck ones left out. */
export const runOutReadings = (snapshot: Snapshot, tool: number): Reading[] => {
  const pass = runOutPass(snapshot, tool);
  return snapshot.readings.filter(
    ({ subject, struckBy }) =>
      struckBy === null && subject.kind === 'run-out' && subject.tool === tool && subject.pass === pass,
  );
};

/** How a tool runs out by the readings in force; undefined until one height was read all round. */
export function toolRunOut(snapshot: Snapshot, tool: Tool): RunOutOutput | undefined {
  const readings = runOutReadings(snapshot, tool.number);
  const places = runOutPlaces(tool);
  const rings = RUN_OUT_HEIGHTS.flatMap((height) => {
    const at = places.flatMap((place) => {
      const last = readings
        .filter(({ subject }) => subject.kind === 'run-out' && subject.height === height && subject.place === place)
        .at(-1);
      return last ? [{ angle: place, reading: last.value }] : [];
    });
    return at.length === places.length ? [{ height, readings: at }] : [];
  });
  const gauge = snapshot.gauges.find(({ id }) => id === readings.at(-1)?.gaugeId);
  if (rings.length === 0 || !gauge) return undefined;
  return runOut({
    rings,
    tolerance: snapshot.datumPlan.heights?.runOut?.tolerance ?? RUN_OUT_TOLERANCE,
    resolution: gauge.resolution ?? 0.01,
    methodSd: touchU(gauge),
  });
}

/** Whether a tool's stored length must be left as it is: it runs out too far, and that is not only being measured. */
export const runsOut = (snapshot: Snapshot, tool: Tool): boolean =>
  snapshot.datumPlan.heights?.runOut?.measureOnly !== true && toolRunOut(snapshot, tool)?.passed === false;

/** Tools of the same kind and size that are not known to run out. */
export const sistersOf = (snapshot: Snapshot, tool: Tool): Tool[] =>
  snapshot.tools.filter(
    (one) =>
      one.number !== tool.number &&
      one.retiredOn === undefined &&
      one.kind !== undefined &&
      one.kind === tool.kind &&
      one.diameter === tool.diameter &&
      toolRunOut(snapshot, one)?.passed !== false,
  );
