import { TOUCH_PART } from './touchBudget';
import type { BudgetPart, Uncertainty } from './uncertainty';

/** What a part of a budget comes from, whatever face or gauge it is of. */
export type BudgetKind =
  | 'repeats'
  | 'display'
  | 'feel of the touch'
  | 'size'
  | 'step of the search'
  | 'backlash'
  | 'homing'
  | 'run-out'
  | 'other';

const KINDS: readonly { kind: BudgetKind; of: (name: string) => boolean }[] = [
  { kind: 'repeats', of: (name) => name.startsWith('repeats') || name === 'touches' },
  { kind: 'display', of: (name) => name.startsWith('display') },
  { kind: 'feel of the touch', of: (name) => name.startsWith(TOUCH_PART) },
  { kind: 'size', of: (name) => name.includes('size') },
  { kind: 'step of the search', of: (name) => name.startsWith('step of the search') },
  { kind: 'backlash', of: (name) => name.startsWith('backlash') },
  { kind: 'homing', of: (name) => name === 'homing' },
  { kind: 'run-out', of: (name) => name.startsWith('run-out') },
];

/**
 * The kind of a part, by the name its budget gives it.
 *
 * @example budgetKindOf({ name: 'repeats, toward +', u: 0.001, shape: 'normal' }) // 'repeats'
 */
export const budgetKindOf = ({ name }: Pick<BudgetPart, 'name'>): BudgetKind =>
  KINDS.find(({ of }) => of(name))?.kind ?? 'other';

/** Variance of each kind of part, mm², as the budget holds it. */
export function varianceByKind({ parts }: Pick<Uncertainty, 'parts'>): Map<BudgetKind, number> {
  const sums = new Map<BudgetKind, number>();
  for (const part of parts) {
    const kind = budgetKindOf(part);
    sums.set(kind, (sums.get(kind) ?? 0) + part.u ** 2);
  }
  return sums;
}
