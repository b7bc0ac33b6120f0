/**
 * `within`: proven inside what is allowed, its uncertainty counted against it.
 * `off`: to be corrected. `unsure`: the readings cannot tell it from straight, nor prove it inside.
 */
export type InLine = 'within' | 'off' | 'unsure';

/**
 * The stopping rule of every alignment: done when the error and its uncertainty together are inside what
 * the job allows (ISO 14253-1, proving conformance). An error smaller than its own uncertainty is not
 * worth a correction; more or finer readings are.
 *
 * @param error what is left, mm, either sign
 * @param U its expanded uncertainty, mm
 * @param allowed the most that may be left, mm
 */
export function alignOnLine(error: number, U: number, allowed: number): InLine {
  const off = Math.abs(error);
  if (off + U <= allowed + 1e-9) return 'within';
  return off > U ? 'off' : 'unsure';
}
