import type { Book } from '@zero-point/core/book/book';
import { openReadBacks, type ReadBackState } from '@zero-point/core/book/readBack';
import { formatLength } from '@zero-point/core/units/formatLength';
import { readBackQuestion, readBackTrouble } from '@zero-point/core/words/readBack';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { Bar } from '../frame/Bar';
import { logReadBack } from '../record/log';
import { useLook } from '../theme/useLook';
import { Words } from '../theme/Words';
import { ShownDialog } from './ShownDialog';

/** After a setting: what does the machine show now? One tap where it shows what it must; else the figure is asked for. */
export function ReadBackBar({ book }: { book: Book }) {
  const { palette } = useLook();
  const [later, setLater] = useState<readonly string[]>([]);
  const [asking, setAsking] = useState<ReadBackState | undefined>(undefined);
  // When the page was opened: what is set after it is newer still.
  const [now] = useState(Date.now);
  const open = openReadBacks(book, now).find(({ setting }) => !later.includes(setting.id));
  if (!open) return null;
  const { units } = book.setup;
  const { setting, expected, agrees } = open;
  const wrong = agrees === false;
  const confirm = () => logReadBack(book, setting, formatLength(expected, { unit: units }));
  return (
    <Bar role={wrong ? 'alert' : 'status'} background={palette.surface} edge={wrong ? palette.bad : palette.line}>
      <Words tone={wrong ? 'bad' : 'ink'} style={styles.words}>
        {wrong ? `✗ ${readBackTrouble(open, units)}` : readBackQuestion(open, units)}
      </Words>
      <View style={styles.buttons}>
        <Button mode="contained-tonal" onPress={confirm}>
          {wrong ? 'Now it does' : 'Yes'}
        </Button>
        <Button mode="outlined" onPress={() => setAsking(open)}>
          No
        </Button>
        <Button mode="text" onPress={() => setLater([...later, setting.id])}>
          Later
        </Button>
      </View>
      {asking && (
        <ShownDialog
          title={`What does ${asking.axis.toUpperCase()} show?`}
          label={`${asking.axis.toUpperCase()} shows`}
          unit={units}
          onKeep={(text) => logReadBack(book, asking.setting, text)}
          onLeave={() => setAsking(undefined)}
        />
      )}
    </Bar>
  );
}

const styles = StyleSheet.create({
  words: { flexShrink: 1, fontWeight: '700' },
  buttons: { flexDirection: 'row', gap: 8, alignItems: 'center' },
});
