import type { FeatureAnswer } from '@zero-point/core/book/featureAnswer';
import { repeatsNeeded, type RepeatAdvice as Advice } from '@zero-point/core/metrology/repeatsNeeded';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { View } from 'react-native';
import { StackedBudget } from '../../../answer/StackedBudget';
import { plusMinus } from '../../../answer/words';
import { Words } from '../../../theme/Words';

interface RepeatAdviceProps {
  answer: FeatureAnswer;
  tolerance: number;
  unit: LengthUnit;
}

/** Measuring should take up at most this share of the tolerance. */
const SHARE = 1 / 4;

/** How many more touches would be good enough, or that more would not help and why; with what makes up the ±. */
export function RepeatAdvice({ answer, tolerance, unit }: RepeatAdviceProps) {
  const advice = repeatsNeeded(answer.uncertainty, answer.taken, tolerance * SHARE);
  return (
    <View style={{ gap: 6 }}>
      {advice.state !== 'enough' && <Words>{adviceWords(advice, unit)}</Words>}
      <StackedBudget uncertainty={answer.uncertainty} />
    </View>
  );
}

/** The same in one line, while readings are still taken. */
export function repeatHint(answer: FeatureAnswer, tolerance: number, unit: LengthUnit): string {
  const advice = repeatsNeeded(answer.uncertainty, answer.taken, tolerance * SHARE);
  return advice.state === 'enough' ? 'Good enough: no more touches are needed.' : adviceWords(advice, unit);
}

function adviceWords(advice: Exclude<Advice, { state: 'enough' }>, unit: LengthUnit): string {
  if (advice.state === 'more') {
    const more = advice.touches === 1 ? 'One more touch' : `${advice.touches} more touches`;
    return `${more} of each face would be good enough: ${plusMinus(advice.U, unit)}.`;
  }
  return `More touches would not help: the ${advice.because} alone leaves about ${plusMinus(advice.U, unit)}. A better finder would.`;
}
