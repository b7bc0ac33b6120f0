import type { SetupState } from '../basis/setupState';

/** A length that was found or kept: of which cutter, where that was told, and when. */
interface LengthFound {
  cutterId: string | undefined;
  at: string;
}

/**
 * Whether a length found under a tool's number is still that of what stands there: the same cutter has the number, and it
 * was neither re-clamped, ground nor in a crash since. A length of before would send it into the part, or leave it above.
 */
export function lengthValidity(
  { tools, calibrations, toolTable }: Pick<SetupState, 'tools' | 'calibrations' | 'toolTable'>,
  number: number,
  { cutterId, at }: LengthFound,
): boolean {
  const refitted = toolTable?.rows.find((row) => row.number === number)?.refittedAt;
  if (refitted !== undefined && refitted >= at) return false;
  const cutter = tools.find((one) => one.number === number);
  if (!cutter) return true;
  if (cutterId !== undefined && cutterId !== cutter.id) return false;
  return !calibrations.some(
    ({ of, found, from }) => of.kind === 'cutter' && of.cutterId === cutter.id && found.what === 'void' && from > at,
  );
}
