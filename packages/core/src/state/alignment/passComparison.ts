import type { Alignment } from '../../records/setup/alignment';
import type { SetupState } from '../basis/setupState';
import { alignmentPass, isInLine, type AlignmentAnswer } from './taskAnswer';

/** What became of it since the pass before: in line then and out now, or as far out on the other side. */
export type PassComparison = 'came out' | 'overshot';

/** So much of what it was out before may be missing on the other side, besides what both passes are known to. */
const ALIKE = 0.15;

/** How far a pass is out with its direction, mm, along every way it can be moved; nothing for a plug, which centres itself. */
function outOf(answer: AlignmentAnswer): readonly number[] {
  switch (answer.task) {
    case 'head':
      return [answer.result.error, answer.other.error];
    case 'centre':
      return answer.school === 'sweep' ? [answer.result.move.x, answer.result.move.y] : [];
    case 'chuck':
      return answer.result.off.map(({ off }) => off);
    case 'vise':
    case 'level':
    case 'skew':
      return [answer.result.error];
  }
}

/**
 * What went wrong between a pass and the one before: something in line that is out again was moved as it was tightened;
 * something as far out on the other side was moved by twice what was wanted, as when the whole difference of a flip is
 * tapped and not half. Undefined where neither can be told from what the passes are known to.
 *
 * @example sincePass(book, vise, 2) // 'came out', where pass 1 ran true
 */
export function passComparison(book: SetupState, alignment: Alignment, pass: number): PassComparison | undefined {
  const before = pass > 1 ? alignmentPass(book, alignment, pass - 1).answer : undefined;
  const { answer: now } = alignmentPass(book, alignment, pass);
  if (!before || !now || isInLine(now)) return undefined;
  const then = outOf(before);
  const since = outOf(now);
  if (then.length === 0 || then.length !== since.length) return undefined;
  const known = Math.hypot(before.uncertainty.U, now.uncertainty.U);
  if (Math.hypot(...since) <= known) return undefined;
  if (isInLine(before)) return 'came out';
  const missing = Math.hypot(...then.map((out, i) => out + (since[i] ?? 0)));
  return missing <= known + ALIKE * Math.hypot(...then) ? 'overshot' : undefined;
}
