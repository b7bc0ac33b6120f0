import type { Reading } from '@zero-point/core/records/log/reading';
import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import type { FormView } from '@zero-point/core/messages/datum/formView';
import { plusMinus } from '@zero-point/core/messages/basis/verdict';
import { StyleSheet, View } from 'react-native';
import { IconButton } from 'react-native-paper';
import { TARGET } from '../layout/layout';
import { useWide } from '../layout/useLayoutSize';
import { speak } from '../feedback/speak';
import { Figure, AppText } from '../theme/AppText';
import { ReadingChips } from './ReadingChips';
import { wildOf, type TouchAnswer } from './touchAnswer';
import type { TouchPage } from './useTouchPage';

interface TouchSummaryProps {
  page: TouchPage;
  unit: LengthUnit;
  readings: readonly Reading[];
  answer: TouchAnswer | undefined;
  forms: readonly FormView[];
}

/** While readings are taken on a phone: what they give so far, with its ±, their spread, and each of them. */
export function TouchSummary({ page, unit, readings, answer, forms }: TouchSummaryProps) {
  const wide = useWide();
  const { form } = page;
  if (wide || page.showing !== 'entry' || readings.length === 0) return null;
  const { uncertainty, repeats } = answer?.result ?? {};
  const last = readings.filter(({ struckBy }) => struckBy === null).at(-1);
  const count = repeats?.n ?? answer?.readings.length ?? 0;
  return (
    <View style={styles.summary}>
      {form && uncertainty && forms.length > 0 && (
        <View aria-live="polite" style={styles.line}>
          <AppText kind="note" tone="soft">
            {count === 1 ? '1 reading gives' : `${count} readings give`}
          </AppText>
          <AppText>{form.say}</AppText>
          <Figure size={24}>{form.figure}</Figure>
          <Figure size={16} tone="soft">
            {plusMinus(uncertainty.U, unit)}
          </Figure>
        </View>
      )}
      <View style={styles.line}>
        <ReadingChips readings={readings} wild={answer ? wildOf(answer) : []} unit={unit} />
        {repeats && repeats.n > 1 && (
          <AppText kind="note" tone="soft">
            range {formatLengthUnit(repeats.range, { unit })}
          </AppText>
        )}
        {last && (
          <IconButton
            icon="speak"
            size={22}
            onPress={() => speak(formatLengthUnit(last.value, { unit }))}
            accessibilityLabel="Read the last reading aloud"
            style={styles.say}
          />
        )}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  summary: { gap: 2 },
  say: { width: TARGET, height: TARGET, margin: 0, marginLeft: 'auto', marginVertical: -12 },
  line: { flexDirection: 'row', alignItems: 'baseline', flexWrap: 'wrap', columnGap: 10 },
});
