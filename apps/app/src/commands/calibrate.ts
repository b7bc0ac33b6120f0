import type { SetupState } from '@zero-point/core/state/basis/setupState';
import type { KnownGauge } from '@zero-point/core/state/basis/calibratedGauge';
import type { CalibrationFound, NewCalibration } from '@zero-point/core/records/shop/calibration';
import type { RoutineResult } from '@zero-point/core/routines/routine';
import { uuidv7 } from 'uuidv7';
import { logRow } from './logEntry';

/** The moment before any reading: for a figure that was wrong from the start. */
export const FROM_THE_START = '1970-01-01T00:00:00.000Z';

/** Logs what a gauge or an axis was found to be; touches from that moment on use it, earlier ones keep what was known then. */
export function calibrate(
  of: NewCalibration['of'],
  found: CalibrationFound,
  {
    from = new Date().toISOString(),
    reference,
    shownIn,
  }: { from?: string | undefined; reference?: string | undefined; shownIn?: string } = {},
): void {
  const at = new Date().toISOString();
  const body = { id: uuidv7(), of, found, from, at, ...(reference !== undefined && { reference }) };
  logRow({ kind: 'calibration', setupId: '', body }, shownIn);
}

/** Logs the measured size of a gauge. */
export const calibrateGauge = (gauge: KnownGauge, found: CalibrationFound, from?: string, reference?: string): void =>
  calibrate({ kind: 'gauge', gaugeId: gauge.id }, found, { from, reference });

/**
 * A plate measured while it is in use: it was as thick at the touches already taken with it today in this setup, so
 * they take it in; those of other days keep what was known then.
 */
export function calibratePlate(book: SetupState, plate: KnownGauge, size: number): void {
  const now = new Date().toISOString();
  const today = now.slice(0, 10);
  const first = book.readings.find(({ gaugeId, takenAt }) => gaugeId === plate.id && takenAt.startsWith(today));
  calibrate(
    { kind: 'gauge', gaugeId: plate.id },
    { what: 'size', value: size },
    { from: first?.takenAt ?? now, shownIn: book.setup.id },
  );
}

/** Keeps all that a guided routine found of a thing, with the readings it came from. */
export function logCalibration(
  of: NewCalibration['of'],
  { found, reference }: Pick<RoutineResult, 'found' | 'reference'>,
  routine: string,
  readings: Readonly<Record<string, readonly number[]>>,
  shownIn?: string,
): void {
  const at = new Date().toISOString();
  const kept = Object.fromEntries(
    Object.entries(readings).flatMap(([key, all]) => (all.length > 0 ? [[key, [...all]]] : [])),
  );
  for (const one of found) {
    const body = { id: uuidv7(), of, found: one, reference, routine, readings: kept, from: at, at };
    logRow({ kind: 'calibration', setupId: '', body }, shownIn);
  }
}
