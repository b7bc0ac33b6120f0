import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { scaleOf } from '@zero-point/core/state/basis/activeRecords';
import { remainingWords } from '@zero-point/core/messages/status/setupProgress';
import { ScrollView, StyleSheet } from 'react-native';
import { Button } from 'react-native-paper';
import { MainAction } from '../../../../controls/MainAction';
import { logInterruption, logLoss } from '../../../../commands/logTouch';
import { AppText } from '../../../../theme/AppText';

const DAY = new Intl.DateTimeFormat(undefined, {
  weekday: 'long',
  day: 'numeric',
  month: 'long',
  hour: '2-digit',
  minute: '2-digit',
  hourCycle: 'h23',
});

/** Back at a setup after a night: where it stopped, and whether its zero can be as it was, before anything is driven to. */
export function ZeroDoubtPanel({ book, since }: { book: SetupState; since: string }) {
  const { homing } = book.machine;
  const off = () => {
    if (homing === 'absolute') logInterruption(book, 'stands');
    else if (homing === 'homes') logInterruption(book, 'power-off');
    else for (const axis of ['x', 'y', 'z'] as const) logLoss(book, axis, 'power-loss');
  };
  return (
    <ScrollView contentContainerStyle={styles.page}>
      <AppText kind="sentence" live>
        {remainingWords(book, since, (moment) => DAY.format(new Date(moment)))}
      </AppText>
      <MainAction label="Touch one face to check it" onPress={() => logInterruption(book, 'away')} />
      <Button mode="outlined" onPress={() => logInterruption(book, 'stands')}>
        Nothing moved, it stayed on: accept the zero
      </Button>
      {scaleOf(book) !== 'dial' && (
        <Button mode="outlined" onPress={off}>
          {homing === 'absolute' ? 'The power was off: absolute scales' : 'The power was off'}
        </Button>
      )}
      {homing !== undefined && homing !== 'none' && (
        <Button mode="outlined" onPress={() => logInterruption(book, 'homed')}>
          It was homed again
        </Button>
      )}
    </ScrollView>
  );
}

const styles = StyleSheet.create({ page: { padding: 16, gap: 12 } });
