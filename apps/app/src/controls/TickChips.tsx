import { StyleSheet, View } from 'react-native';
import { Chip, useTheme } from 'react-native-paper';
import { AppText } from '../theme/AppText';
import { CHIP_WORDS, TARGET } from '../layout/layout';

interface TickChipsProps {
  label: string;
  /** Says the label above; else it is for screen readers only. */
  showLabel?: boolean;
  options: readonly { value: string; label: string; /** Said beside it. */ beside?: string }[];
  ticked: readonly string[];
  onToggle: (value: string) => void;
}

/** Any of several, each ticked or not. */
export function TickChips({ label, showLabel = true, options, ticked, onToggle }: TickChipsProps) {
  const { colors } = useTheme();
  return (
    <View role="group" aria-label={label} style={styles.group}>
      {showLabel && (
        <AppText kind="note" tone="soft">
          {label}
        </AppText>
      )}
      <View style={styles.chips}>
        {options.map((option) => (
          <Chip
            key={option.value}
            mode="outlined"
            accessibilityRole="checkbox"
            accessibilityLabel={option.label}
            icon={ticked.includes(option.value) ? 'checkbox-marked' : 'checkbox-blank-outline'}
            selected={ticked.includes(option.value)}
            showSelectedCheck={false}
            selectedColor={colors.onSurface}
            onPress={() => onToggle(option.value)}
            textStyle={CHIP_WORDS}
            style={[styles.chip, { backgroundColor: colors.surface, borderColor: colors.outline }]}
          >
            {option.label}
            {option.beside ?? ''}
          </Chip>
        ))}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: 6 },
  chips: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  // What is pressed lies within the frame.
  chip: { minHeight: TARGET + 2, maxWidth: '100%' },
});
