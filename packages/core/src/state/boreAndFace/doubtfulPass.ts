import { passMistake, type PassMistake } from '../../boreAndFace/passMistake';
import type { Bore } from '../../records/setup/cutPlan';
import type { SizeReading } from '../../records/log/reading';
import type { SetupState } from '../basis/setupState';
import { uMeasuring, type BoreLog } from './bore';

/** The last pass of a bore where its setting does not explain what it took. */
export interface DoubtfulPass {
  slip: PassMistake;
  /** The pass and what was measured of it again since, in the order they were taken: struck out together or not at all. */
  readings: SizeReading[];
  /** What it was set to if the dial was turned by twice what was wanted, mm on the diameter; undefined for any other slip. */
  setTo: number | undefined;
}

/** Asks whether the last pass is one; undefined where the bar's spring explains it, or nothing was cut yet. */
export function doubtfulPass(
  { gauges }: Pick<SetupState, 'gauges'>,
  { gaugeId }: Pick<Bore, 'gaugeId'>,
  { start, passes, readings }: BoreLog,
): DoubtfulPass | undefined {
  const gauge = gauges.find(({ id }) => id === gaugeId);
  const last = passes.at(-1);
  if (!gauge || !last || start === undefined) return undefined;
  const slip = passMistake(start, passes, 2 * uMeasuring(gauge));
  if (!slip) return undefined;
  const inForce = readings.filter(({ struckBy }) => struckBy === null);
  const before = passes.at(-2)?.measured ?? start;
  return {
    slip,
    readings: inForce.slice(inForce.findLastIndex(({ subject }) => subject.set !== undefined)),
    setTo: slip === 'twice' ? before + 2 * (last.set - before) : undefined,
  };
}
