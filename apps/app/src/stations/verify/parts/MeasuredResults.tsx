import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { agreesWith, corrections, verified } from '@zero-point/core/state/verify/measurements';
import { formatAngle, formatLengthUnit } from '@zero-point/core/units/formatLength';
import { plusMinus } from '@zero-point/core/messages/basis/verdict';
import {
  correctionWords,
  holeOffWords,
  measurementText,
  leftoverWords,
  measuredName,
  sizeWords,
} from '@zero-point/core/messages/verify/measurements';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { Fold } from '../../../answer/Fold';
import { WorkingStrip } from '../../../working/WorkingStrip';
import { enterable } from '../enterCorrection';
import { AppText } from '../../../theme/AppText';

/** Everything measured, what the holes say as a whole, and what to change. */
export function MeasuredResults({ book }: { book: SetupState }) {
  const unit = book.setup.units;
  const found = verified(book);
  if (found.sizes.length === 0) return null;
  const changes = corrections(book);
  const { fit } = found;
  return (
    <View style={styles.results}>
      <View role="list" aria-label="Measured" style={styles.list}>
        {found.sizes.map((size) => (
          <View key={size.measurement.id} role="listitem">
            <AppText style={styles.strong}>{measuredName(book, size.measurement.of)}</AppText>
            <AppText tone={size.isIn === false ? 'bad' : 'ink'}>
              {sizeWords(size, unit)}
              {size.isIn === null ? (agreesWith(size) ? '' : '. More than its ±.') : `: ${measurementText(size.isIn)}`}
            </AppText>
          </View>
        ))}
      </View>
      {found.holes.length > 0 && (
        <View role="list" aria-label="Holes" style={styles.list}>
          {found.holes.map((hole) => {
            const zone = fit?.holes.find(({ name }) => name === hole.name);
            return (
              <View key={hole.name} role="listitem">
                <AppText style={styles.strong}>{hole.name}</AppText>
                <AppText tone={zone?.inZone === false ? 'bad' : 'ink'}>
                  {holeOffWords(hole, unit)}
                  {zone
                    ? `; zone ⌀ ${formatLengthUnit(zone.zone, { unit })}: ${measurementText(zone.inZone)}; ${leftoverWords(zone, unit)}`
                    : ''}
                </AppText>
              </View>
            );
          })}
        </View>
      )}
      {fit && (
        <>
          <AppText>
            {`As a whole: shifted X ${formatLengthUnit(fit.shift.x, { unit, plus: true })}, Y ${formatLengthUnit(fit.shift.y, { unit, plus: true })} ${plusMinus(fit.uncertainty.U, unit)}`}
            {fit.turnU === null
              ? '.'
              : `, turned ${fit.turn > 0 ? '+' : ''}${formatAngle(fit.turn)} ±${formatAngle(fit.turnU)}.`}
          </AppText>
          <Fold title="Working of the shift">
            <WorkingStrip tape={fit.tape} unit={unit} />
          </Fold>
        </>
      )}
      <AppText style={styles.strong}>For the next part</AppText>
      {changes.length === 0 ? (
        <AppText>Nothing to change: every difference is within its ±.</AppText>
      ) : (
        changes.map((correction) => (
          <View key={`${correction.kind} ${'tool' in correction ? correction.tool : ''}`} style={styles.change}>
            <AppText>{correctionWords(book, correction)}</AppText>
            {enterable(book, correction).map(({ label, enter }) => (
              <Button key={label} mode="outlined" onPress={enter} style={styles.enter}>
                {label}
              </Button>
            ))}
          </View>
        ))
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  results: { gap: 10 },
  list: { gap: 8 },
  strong: { fontWeight: '700' },
  change: { gap: 6 },
  enter: { alignSelf: 'flex-start' },
});
