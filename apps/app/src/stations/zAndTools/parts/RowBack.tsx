import type { SetupState } from '@zero-point/core/state/basis/setupState';
import type { RowReadBack } from '@zero-point/core/state/readBack/controlReadBack';
import { formatLength } from '@zero-point/core/units/formatLength';
import { rowTrouble } from '@zero-point/core/messages/zAndTools/readBack';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { ShownFigureDialog } from '../../../touch/ShownFigureDialog';
import { logEntered } from '../../../commands/logTouch';
import { AppText } from '../../../theme/AppText';

/** One row of the control's table, held against what was meant: a tap where it reads the same, else the figure there. */
export function RowBack({ book, number, back }: { book: SetupState; number: number; back: RowReadBack }) {
  const [asking, setAsking] = useState(false);
  const unit = book.setup.units;
  const keep = (text: string) => logEntered(book, { kind: 'tool', number }, text);
  return (
    <View style={styles.row}>
      {back.agrees === true && (
        <AppText kind="note" tone="good">
          ✓ Read back: the control has it so.
        </AppText>
      )}
      {back.agrees === false && (
        <View role="alert">
          <AppText tone="bad" style={styles.strong}>
            ✗ {rowTrouble(back, unit)}
          </AppText>
        </View>
      )}
      {back.agrees !== true && (
        <View style={styles.buttons}>
          <Button
            mode="contained-tonal"
            accessibilityLabel={`Tool ${number} reads the same in the control`}
            onPress={() => keep(formatLength(back.expected, { unit }))}
          >
            {back.agrees === false ? 'Now it reads so' : 'Reads the same'}
          </Button>
          <Button
            mode="outlined"
            accessibilityLabel={`Tool ${number} reads something else in the control`}
            onPress={() => setAsking(true)}
          >
            Something else
          </Button>
        </View>
      )}
      {asking && (
        <ShownFigureDialog
          title={`What does the row of tool ${number} read?`}
          label={`Tool ${number} reads`}
          unit={unit}
          onKeep={keep}
          onLeave={() => setAsking(false)}
        />
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { gap: 6 },
  strong: { fontWeight: '700' },
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
