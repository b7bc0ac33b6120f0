import type { Calibration } from '../../records/shop/calibration';

/** The moment before any reading. */
const ALWAYS = '1970-01-01T00:00:00.000Z';

/**
 * Calibrations as they count where a person chose to reckon touches of before by what was known at a moment: of each sort
 * the one in force then counts from the start, and what was made later counts as it does. What was voided by then keeps its
 * history, since nothing is known that could take its place.
 *
 * @param groups calibrations of each thing, in the order they were made
 */
export function asOf(
  groups: ReadonlyMap<string, readonly Calibration[]>,
  moment: string | undefined,
): ReadonlyMap<string, readonly Calibration[]> {
  if (moment === undefined) return groups;
  return new Map([...groups].map(([key, all]) => [key, inForceAlways(all, moment)]));
}

function inForceAlways(all: readonly Calibration[], moment: string): readonly Calibration[] {
  const known = all.filter(({ at }) => at <= moment);
  const last = known.at(-1);
  if (!last || last.found.what === 'void') return all;
  const latest = known.filter(
    ({ from, found }, i) =>
      from <= moment &&
      found.what !== 'void' &&
      !known.slice(i + 1).some((later) => later.found.what === found.what && later.from <= moment),
  );
  return [...latest.map((one) => ({ ...one, from: ALWAYS })), ...all.filter(({ at }) => at > moment)];
}
