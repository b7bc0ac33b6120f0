import type { BorePass } from './bore.schema';

/** What a pass did that its setting does not explain. */
export type PassMistake =
  /** Nothing was cut: the slide went the wrong way, or shifted as it was locked. */
  | 'nothing'
  /** Twice as much as was set: a dial of the radius turned by what belongs on the diameter. */
  | 'twice';

/** A setting up to so many U is not told from none. */
const TOLD = 4;

/** So near to twice what was set, besides the measuring, is twice: a sharp bar springs by less. Share of what was set. */
const NEAR = 0.15;

/**
 * What went wrong at the last pass, by what it took of what was set; undefined where the bar's spring explains it. mm on
 * the diameter.
 *
 * @param start size before the first pass
 * @param U of one measured size
 * @example passSlip(25.4, [{ set: 25.6, measured: 25.8 }], 0.006) // 'twice'
 */
export function passMistake(start: number, passes: readonly BorePass[], U: number): PassMistake | undefined {
  const last = passes.at(-1);
  if (!last) return undefined;
  const before = passes.at(-2)?.measured ?? start;
  const [asked, took] = [last.set - before, last.measured - before];
  if (asked <= TOLD * U) return undefined;
  if (Math.abs(took) <= U) return 'nothing';
  return Math.abs(took - 2 * asked) <= 2 * U + NEAR * asked ? 'twice' : undefined;
}
