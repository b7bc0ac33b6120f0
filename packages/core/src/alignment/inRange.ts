import { Refusal } from '../problem/problem';

/**
 * @throws Refusal when a reading lies beyond the indicator's range: the pointer has come round again, or hangs at its stop
 */
export function requireInRange(readings: readonly number[], range: number | undefined, field: string): void {
  const beyond = range === undefined ? -1 : readings.findIndex((reading) => Math.abs(reading) > range);
  if (beyond >= 0) {
    throw new Refusal({
      code: 'beyond-range',
      field: `${field}.${beyond}`,
      message:
        'A reading is beyond the indicator’s range. Bring the indicator nearer to the middle of its travel and read again.',
    });
  }
}
