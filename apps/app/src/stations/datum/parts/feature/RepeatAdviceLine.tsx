import type { FeatureAnswer } from '@zero-point/core/state/datum/featureAnswer';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { repeatWords } from '@zero-point/core/messages/gauges/repeatAdvice';
import { View } from 'react-native';
import { StackedBudget } from '../../../../answer/StackedBudget';
import { AppText } from '../../../../theme/AppText';

interface RepeatAdviceProps {
  answer: FeatureAnswer;
  tolerance: number;
  unit: LengthUnit;
  /** Something it is held against does not agree: that comes before how often it was touched. */
  disagrees: boolean;
}

/** How many more touches would be good enough, or that more would not help and why; with what makes up the ±. */
export function RepeatAdviceLine({ answer, tolerance, unit, disagrees }: RepeatAdviceProps) {
  return (
    <View style={{ gap: 6 }}>
      {!disagrees && <AppText>{repeatWords(answer, tolerance, unit)}</AppText>}
      <StackedBudget uncertainty={answer.uncertainty} />
    </View>
  );
}
