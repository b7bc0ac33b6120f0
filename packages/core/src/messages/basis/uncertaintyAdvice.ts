import { varianceByKind, type BudgetKind } from '../../metrology/budgetKinds';
import type { Uncertainty } from '../../metrology/uncertainty';

const NARROWS: Readonly<Record<BudgetKind, string>> = {
  repeats: 'More touches narrow it.',
  display: 'A finer jog step or display narrows it.',
  'feel of the touch': 'A better finder narrows it.',
  size: 'A gauge measured better in Shop narrows it.',
  'step of the search': 'A finer last step narrows it.',
  backlash: 'Less backlash narrows it: come from the same side every time.',
  homing: 'Touching it again since homing narrows it.',
  'run-out': 'Turning the finder, or one that runs true, narrows it.',
  other: 'More touches or a better finder narrow it.',
};

/**
 * What would narrow a ±, in a sentence: the remedy for the largest share of its variance, since the others alone would
 * hardly be noticed (JCGM 100:2008, 5.1.2).
 *
 * @example narrowsWords({ parts: [{ name: 'repeats', u: 0.02, shape: 'normal' }] }) // 'More touches narrow it.'
 */
export function narrowsWords(uncertainty: Pick<Uncertainty, 'parts'>): string {
  const [largest] = [...varianceByKind(uncertainty)].sort(([, a], [, b]) => b - a);
  return NARROWS[largest?.[0] ?? 'other'];
}
