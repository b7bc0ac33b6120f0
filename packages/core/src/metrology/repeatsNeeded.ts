import { combine, type BudgetPart, type Uncertainty } from './uncertainty';

/** Whether more touches are worth the time. Lengths mm. */
export type RepeatAdvice =
  | { state: 'enough' }
  /** So many more reach the target. */
  | { state: 'more'; touches: number; U: number }
  /** No number of touches does: what is left without any scatter, and which part it is. */
  | { state: 'no-help'; U: number; because: string };

/** More than this many more touches nobody takes. */
const MOST = 12;

const isRepeats = ({ name }: BudgetPart): boolean => name.startsWith('repeats') || name === 'touches';

/**
 * How many more touches bring U down to the target: only the repeat part shrinks, with the root of their number; the
 * display step and the finder stay (JCGM 100:2008, 4.2.3).
 *
 * @param uncertainty as it stands after `taken` touches of each face
 * @param target mm
 * @example repeatsNeeded(edge(threeTouches).uncertainty, 3, 0.02) // { state: 'enough' }
 */
export function repeatsNeeded(uncertainty: Uncertainty, taken: number, target: number): RepeatAdvice {
  if (uncertainty.U <= target) return { state: 'enough' };
  for (let touches = 1; touches <= MOST; touches += 1) {
    const U = withTouches(uncertainty, taken, taken + touches);
    if (U <= target) return { state: 'more', touches, U };
  }
  const rest = uncertainty.parts.filter((part) => !isRepeats(part));
  const largest = rest.reduce<BudgetPart | undefined>(
    (most, part) => (part.u > (most?.u ?? 0) ? part : most),
    undefined,
  );
  return {
    state: 'no-help',
    U: withTouches(uncertainty, taken, taken + MOST),
    because: largest?.name ?? 'repeats',
  };
}

function withTouches({ parts }: Uncertainty, from: number, to: number): number {
  return combine(
    parts.map((part) =>
      isRepeats(part)
        ? { ...part, u: part.u * Math.sqrt(from / to), ...(part.dof !== undefined && { dof: part.dof + to - from }) }
        : part,
    ),
  ).U;
}
