/** What a scale reads over at one place, mm, with U. */
export interface ScaleError {
  at: number;
  error: number;
  U: number;
}

/**
 * What a scale reads over after a move of a length, by the blocks it was held against: straight between neighbours, from
 * nothing at no travel; beyond the longest as that one grew, U with it (linear interpolation, JCGM 100:2008, 5.1.3). mm.
 *
 * @param errors at least one, in any order
 * @throws RangeError without any
 * @example scaleErrorAt([{ at: 100, error: 0.012, U: 0.004 }], 50).error // 0.006
 */
export function scaleErrorAt(errors: readonly ScaleError[], travel: number): { error: number; U: number } {
  const length = Math.abs(travel);
  const sorted = [...errors].sort((a, b) => a.at - b.at);
  const last = sorted.at(-1);
  if (!last) throw new RangeError('a scale that was held against no block is not known');
  if (length > last.at) {
    const far = length / last.at;
    return { error: Math.sign(travel) * last.error * far + 0, U: last.U * far };
  }
  const after = sorted.find(({ at }) => at >= length) ?? last;
  const before = sorted.findLast(({ at }) => at < length) ?? { at: 0, error: 0, U: 0 };
  const share = after.at === before.at ? 1 : (length - before.at) / (after.at - before.at);
  return {
    error: Math.sign(travel) * (before.error + (after.error - before.error) * share) + 0,
    U: Math.hypot(before.U * (1 - share), after.U * share),
  };
}
