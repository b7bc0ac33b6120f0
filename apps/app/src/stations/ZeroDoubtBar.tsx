import type { SetupState } from '@zero-point/core/state/basis/setupState';
import type { ZeroDoubt } from '@zero-point/core/state/datum/zeroDoubt';
import { featureKey, featureName } from '@zero-point/core/datum/feature';
import { doubtWords } from '@zero-point/core/messages/datum/zeroDoubt';
import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { Bar } from '../layout/Bar';
import { logInterruption, logLoss } from '../commands/logTouch';
import { useLook } from '../theme/useLook';
import { AppText } from '../theme/AppText';
import { stationPath } from './path';

/** The machine was homed, off or left since its zero was set: said on every page until one touch or the person's word settles it. */
export function ZeroDoubtBar({ book, doubt, here }: { book: SetupState; doubt: ZeroDoubt; here: boolean }) {
  const router = useRouter();
  const { palette } = useLook();
  const [face] = doubt.faces;
  const moved = doubt.shift !== undefined;
  const setAgain = () => {
    for (const axis of doubt.axes) logLoss(book, axis, doubt.what === 'power-off' ? 'power-loss' : 're-homed');
  };
  return (
    <Bar role={moved ? 'alert' : 'status'} background={palette.surface} edge={moved ? palette.bad : palette.warn}>
      <AppText tone={moved ? 'bad' : 'warn'} style={styles.words}>
        {moved ? '✗ ' : '▲ '}
        {doubtWords(book, doubt)}
      </AppText>
      <View style={styles.buttons}>
        {moved && (
          <Button mode="contained-tonal" onPress={setAgain}>
            Set it again
          </Button>
        )}
        {face && !here && (
          <Button
            mode={moved ? 'outlined' : 'contained-tonal'}
            onPress={() => router.navigate(`${stationPath(book.setup.id, 'datum')}?f=${featureKey(face)}`)}
          >
            {moved ? 'Touch it again' : `Touch the ${featureName(book.part, face)}`}
          </Button>
        )}
        <Button mode="text" onPress={() => logInterruption(book, 'stands')}>
          Accept the zero without a touch
        </Button>
      </View>
    </Bar>
  );
}

const styles = StyleSheet.create({
  words: { flexShrink: 1, fontWeight: '700' },
  buttons: { flexDirection: 'row', flexWrap: 'wrap', columnGap: 8, alignItems: 'center', maxWidth: '100%' },
});
