import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { recalculatedAnswers } from '@zero-point/core/state/verify/recalculationPreview';
import { featureName } from '@zero-point/core/datum/feature';
import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import { plusMinus } from '@zero-point/core/messages/basis/verdict';
import { dayWords } from '@zero-point/core/messages/gauges/gaugeStatus';
import { capitalize } from '@zero-point/core/messages/basis/grammar';
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { Fold } from '../../../answer/Fold';
import { Figure, AppText } from '../../../theme/AppText';
import { saveDatumPlan } from '../../../commands/saveDatumPlan';

/** What would be otherwise with the calibration of gauges and cutters today; shown before anyone takes it. */
export function RecalculationPreview({ book }: { book: SetupState }) {
  const changes = useMemo(() => recalculatedAnswers(book, new Date().toISOString()), [book]);
  const { reckonedAs } = book.datumPlan;
  const unit = book.setup.units;
  if (changes.length === 0 && reckonedAs === undefined) return null;
  return (
    <Fold title={changes.length > 0 ? 'A gauge was calibrated after these touches' : 'Calculated with later sizes'}>
      {reckonedAs !== undefined && (
        <AppText>{`Earlier touches use the gauge sizes known on ${dayWords(reckonedAs)}.`}</AppText>
      )}
      {changes.length > 0 && (
        <>
          <AppText>Today’s gauge sizes would change these answers. What the machine is set to stays as it is.</AppText>
          {changes.map(({ of, axis, before, after, U }) => (
            <View key={`${of === 'z' ? 'z' : featureName(book.part, of)} ${axis}`} style={styles.line}>
              <AppText>
                {of === 'z' ? 'Z zero' : `${capitalize(featureName(book.part, of))}, ${axis.toUpperCase()}`}
              </AppText>
              <Figure size={18}>{formatLengthUnit(after - before, { unit, plus: true })}</Figure>
              <Figure size={16} tone="soft">{`${plusMinus(U.before, unit)} → ${plusMinus(U.after, unit)}`}</Figure>
            </View>
          ))}
          <Button
            mode="outlined"
            onPress={() => saveDatumPlan(book, { reckonedAs: new Date().toISOString() })}
            style={styles.take}
          >
            Use today’s sizes
          </Button>
        </>
      )}
      {reckonedAs !== undefined && (
        <Button mode="text" onPress={() => saveDatumPlan(book, { reckonedAs: undefined })} style={styles.take}>
          Use the sizes known at each touch
        </Button>
      )}
    </Fold>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'baseline', columnGap: 12 },
  take: { alignSelf: 'flex-start' },
});
