import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { openReadBacks, type ReadBackState } from '@zero-point/core/state/readBack/readBack';
import { formatLength, formatLengthUnit } from '@zero-point/core/units/formatLength';
import { readBackQuestion, readBackTrouble } from '@zero-point/core/messages/zAndTools/readBack';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { tellLink } from '../api/links';
import { Bar } from '../layout/Bar';
import { liveFigure, offsetFigure } from '@zero-point/core/link/liveReading';
import { useLinked } from '../link/LinkContext';
import { logReadBack } from '../commands/logTouch';
import { useLook } from '../theme/useLook';
import { AppText } from '../theme/AppText';
import { ShownFigureDialog } from './ShownFigureDialog';

/** After a setting: what does the machine show now? One tap where it shows what it must; else the figure is asked for. */
export function ReadBackBar({ book }: { book: SetupState }) {
  const { palette } = useLook();
  const [later, setLater] = useState<readonly string[]>([]);
  const [asking, setAsking] = useState<ReadBackState | undefined>(undefined);
  // When the page was opened: what is set after it is newer still.
  const [now] = useState(Date.now);
  const linked = useLinked();
  // What the control told before it was asked of this setting is of before the entry.
  const [asked, setAsked] = useState<{ of: string; after: number } | undefined>(undefined);
  const open = openReadBacks(book, now).find(({ setting }) => !later.includes(setting.id));
  if (!open) return null;
  const { units } = book.setup;
  const { setting, expected, agrees } = open;
  const wrong = agrees === false;
  const offset = setting.place.workOffset ?? book.machine.workOffsets?.[0] ?? '';
  const live =
    linked &&
    (setting.form === 'work-offset'
      ? asked?.of === setting.id
        ? offsetFigure(linked.view, offset, open.axis, asked.after)
        : undefined
      : liveFigure(linked.view, { axis: open.axis, scale: linked.scale, byControl: false }));
  const asks = setting.form === 'work-offset' && linked?.view.hello?.kind === 'controller';
  const confirm = () => logReadBack(book, setting, formatLength(expected, { unit: units }));
  return (
    <Bar role={wrong ? 'alert' : 'status'} background={palette.surface} edge={wrong ? palette.bad : palette.line}>
      <AppText tone={wrong ? 'bad' : 'ink'} style={styles.words}>
        {wrong ? `✗ ${readBackTrouble(open, units)}` : readBackQuestion(open, units)}
      </AppText>
      <View style={styles.buttons}>
        <Button mode="contained-tonal" onPress={confirm}>
          {wrong ? 'Now it does' : 'Yes'}
        </Button>
        {asks && (
          <Button
            mode="outlined"
            onPress={() => {
              setAsked({ of: setting.id, after: linked.view.offsetsTold });
              tellLink(linked.view.machineId, { do: 'offsets' }).catch(() => undefined);
            }}
          >
            Ask the control
          </Button>
        )}
        {live?.kind === 'figure' && (
          <Button mode="contained-tonal" onPress={() => logReadBack(book, setting, live)}>
            {`Use it: ${setting.form === 'work-offset' ? `${offset} ` : ''}${formatLengthUnit(live.mm, { unit: units })}`}
          </Button>
        )}
        <Button mode="outlined" onPress={() => setAsking(open)}>
          No
        </Button>
        <Button mode="text" onPress={() => setLater([...later, setting.id])}>
          Later
        </Button>
      </View>
      {asking && (
        <ShownFigureDialog
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
  buttons: { flexDirection: 'row', flexWrap: 'wrap', flexShrink: 1, maxWidth: '100%', gap: 8, alignItems: 'center' },
});
