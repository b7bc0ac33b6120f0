import { quarterOf } from '../../metrology/judge';
import type { FeatureAnswer } from '../../state/datum/featureAnswer';
import { budgetKindOf } from '../../metrology/budgetKinds';
import { repeatsNeeded } from '../../metrology/repeatsNeeded';
import type { LengthUnit } from '../../units/unit';
import { plusMinus } from '../basis/verdict';
import { uncertaintyAdvice } from './uncertaintyAdvice';

/** The axis of a corner, bore or boss that nothing is known of yet; undefined once both are found. */
export function axisToFind({ feature, x, y }: FeatureAnswer): 'X' | 'Y' | undefined {
  if (feature.kind !== 'round' && feature.kind !== 'corner') return undefined;
  return x ? (y ? undefined : 'Y') : 'X';
}

/**
 * How many more touches would be good enough, or that more would not help and why. Nothing of the kind while a reading
 * lies far from the others: that one comes first.
 */
export function repeatWords(answer: FeatureAnswer, tolerance: number, unit: LengthUnit): string {
  if (answer.wild.length > 0) return 'One reading is far from the others. Touch again, then strike out the wrong one.';
  const advice = repeatsNeeded(answer.uncertainty, answer.taken, quarterOf(tolerance));
  switch (advice.state) {
    case 'enough': {
      const open = axisToFind(answer);
      if (open) return `${open === 'Y' ? 'X' : 'Y'} is good enough. ${open} is not found yet.`;
      return 'No more touches are needed.';
    }
    case 'more': {
      const more = advice.touches === 1 ? 'One more touch' : `${advice.touches} more touches`;
      return `${more} of each face would be good enough: ${plusMinus(advice.U, unit)}.`;
    }
    case 'no-help':
      return `More touches would not help: the ${advice.because} alone leaves about ${plusMinus(advice.U, unit)}. ${uncertaintyAdvice({ parts: answer.uncertainty.parts.filter((part) => budgetKindOf(part) !== 'repeats') })}`;
  }
}
