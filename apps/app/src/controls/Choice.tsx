import { StyleSheet, View } from 'react-native';
import { Chip, SegmentedButtons, useTheme } from 'react-native-paper';
import { AppText } from '../theme/AppText';
import { CHIP_WORDS, TARGET } from '../layout/layout';

interface ChoiceProps<T extends string> {
  label: string;
  options: readonly { value: T; label: string }[];
  value: T;
  onChange: (value: T) => void;
  /** Says the label above the options; else it is for screen readers only. */
  showLabel?: boolean;
}

/** So many letters of all labels together stand side by side on a phone. */
const ONE_ROW = 26;

/** Of three side by side none may be longer, or it is cut beside its tick. */
const LONGEST_OF_THREE = 6;

/** One of a few, all in sight: segments where they fit side by side, else as many chips as there are. */
export function Choice<T extends string>({ label, options, value, onChange, showLabel = true }: ChoiceProps<T>) {
  const fits = options.length < 3 || options.every((one) => one.label.length <= LONGEST_OF_THREE);
  const short =
    fits && options.length <= 3 && options.reduce((sum, one) => sum + one.label.length + 4, 0) <= ONE_ROW + 6;
  return (
    <View role="radiogroup" aria-label={label} style={styles.group}>
      {showLabel && (
        <AppText kind="note" tone="soft">
          {label}
        </AppText>
      )}
      {short && options.length > 1 ? (
        <SegmentedButtons
          value={value}
          onValueChange={(chosen) => onChange(chosen as T)}
          buttons={options.map((one) => ({ ...one, showSelectedCheck: true }))}
          style={styles.segments}
        />
      ) : (
        <View style={styles.chips}>
          {options.map((option) => (
            <OneOf
              key={option.value}
              label={option.label}
              chosen={option.value === value}
              onChoose={() => onChange(option.value)}
            />
          ))}
        </View>
      )}
    </View>
  );
}

interface OneOfProps {
  label: string;
  chosen: boolean;
  onChoose: () => void;
}

/** One of several, as a chip: filled and ticked while it is the chosen one. */
export function OneOf({ label, chosen, onChoose }: OneOfProps) {
  const { colors } = useTheme();
  return (
    <Chip
      mode="outlined"
      compact
      accessibilityRole="radio"
      accessibilityLabel={label}
      selected={chosen}
      selectedColor={chosen ? colors.onPrimary : colors.onSurface}
      onPress={onChoose}
      textStyle={CHIP_WORDS}
      style={[styles.chip, { backgroundColor: chosen ? colors.primary : colors.surface, borderColor: colors.outline }]}
    >
      {label}
    </Chip>
  );
}

const styles = StyleSheet.create({
  group: { gap: 6 },
  segments: { maxWidth: 480 },
  chips: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  // What is pressed lies within the frame.
  chip: { minWidth: TARGET + 2, minHeight: TARGET + 2, maxWidth: '100%' },
});
