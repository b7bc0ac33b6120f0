import type { LengthUnit } from '@zero-point/core/units/unit';
import { useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { IconButton } from 'react-native-paper';
import { TARGET } from '../../../layout/layout';
import { CountField } from '../../../keypad/Fields';
import type { Checked } from '../../../stores/programs';
import { MONO } from '../../../theme/faces';
import { useLook } from '../../../theme/useLook';
import { Figure, AppText } from '../../../theme/AppText';
import { cursorView, readLineText } from '../programView';

interface CursorPanelProps {
  checked: Checked;
  at: number;
  unit: LengthUnit;
  onLine: (line: number) => void;
  onNext: () => void;
  onBefore: () => void;
}

/** The cursor: its line as written, where the tool stands, what is in force; and ways to step. */
export function CursorPanel({ checked, at, unit, onLine, onNext, onBefore }: CursorPanelProps) {
  const { palette } = useLook();
  const { file, result } = checked;
  const { line, place, how, modal } = cursorView(result, at, unit);
  const [text, setText] = useState({ line: 0, text: '' });
  useEffect(() => {
    let stale = false;
    readLineText(file, result, line).then(
      (read) => {
        if (!stale) setText({ line, text: read });
      },
      () => {
        if (!stale) setText({ line, text: 'The file was saved again since.' });
      },
    );
    return () => {
      stale = true;
    };
  }, [file, result, line]);
  return (
    <View style={[styles.panel, { borderColor: palette.line }]}>
      <View style={styles.row}>
        <IconButton
          style={styles.icon}
          icon="chevron-left"
          mode="outlined"
          accessibilityLabel="Line before"
          onPress={onBefore}
        />
        <View style={styles.field}>
          <CountField
            label={`Line of ${result.told.lines}`}
            value={line}
            onCommit={onLine}
            check={(value) => (value < 1 || value > result.told.lines ? 'There is no such line.' : undefined)}
          />
        </View>
        <IconButton
          style={styles.icon}
          icon="chevron-right"
          mode="outlined"
          accessibilityLabel="Next line"
          onPress={onNext}
        />
      </View>
      <AppText style={styles.code} lines={2}>
        {text.line === line ? text.text : ' '}
      </AppText>
      <View style={styles.places}>
        {Object.entries(place).map(([axis, value]) => (
          <View key={axis} style={styles.place}>
            <AppText tone="soft">{axis}</AppText>
            <Figure size={18}>{value}</Figure>
          </View>
        ))}
        <AppText tone="soft">{`${unit}, ${how}`}</AppText>
      </View>
      <AppText kind="note" tone="soft">
        {modal}
      </AppText>
    </View>
  );
}

const styles = StyleSheet.create({
  // What is pressed lies within the frame.
  icon: { width: TARGET + 2, height: TARGET + 2, margin: 0 },
  panel: { borderWidth: 1.5, borderRadius: 8, padding: 10, gap: 6 },
  row: { flexDirection: 'row', alignItems: 'flex-end', gap: 4 },
  field: { flex: 1, maxWidth: 200 },
  code: { fontFamily: MONO, fontSize: 16 },
  places: { flexDirection: 'row', flexWrap: 'wrap', columnGap: 16, rowGap: 2, alignItems: 'baseline' },
  place: { flexDirection: 'row', gap: 6, alignItems: 'baseline' },
});
