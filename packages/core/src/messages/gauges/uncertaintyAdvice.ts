import { varianceByKind, type BudgetKind } from '../../metrology/budgetKinds';
import type { Uncertainty } from '../../metrology/uncertainty';

const NARROWS: Readonly<Record<BudgetKind, string>> = {
  repeats: 'More touches make the ± smaller.',
  display: 'A finer jog step or display makes the ± smaller.',
  'feel of the touch': 'A better finder makes the ± smaller.',
  size: 'A gauge measured better in Shop makes the ± smaller.',
  'step of the search': 'A finer last step makes the ± smaller.',
  backlash: 'Less backlash narrows it: come from the same side every time.',
  homing: 'Touching it again since homing makes the ± smaller.',
  'run-out': 'Turning the finder, or one that runs true, makes the ± smaller.',
  other: 'More touches or a better finder make the ± smaller.',
};

/**
 * What would narrow a ±, in a sentence: the remedy for the largest share of its variance, since the others alone would
 * hardly be noticed (JCGM 100:2008, 5.1.2).
 *
 * @example narrowsWords({ parts: [{ name: 'repeats', u: 0.02, shape: 'normal' }] }) // 'More touches make the ± smaller.'
 */
export function uncertaintyAdvice(uncertainty: Pick<Uncertainty, 'parts'>): string {
  const [largest] = [...varianceByKind(uncertainty)].sort(([, a], [, b]) => b - a);
  return NARROWS[largest?.[0] ?? 'other'];
}
