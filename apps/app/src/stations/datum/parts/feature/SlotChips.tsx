import { ScrollView, StyleSheet } from 'react-native';
import { OneOf } from '../../../../controls/Choice';
import type { Slot } from './touchSlots';

interface SlotChipsProps {
  slots: readonly Slot[];
  chosen: string | undefined;
  onChoose: (id: string) => void;
}

/** The touches of a feature, one chip each: which were taken, which is in hand. */
export const SlotChips = ({ slots, chosen, onChoose }: SlotChipsProps) => (
  <ScrollView
    horizontal
    role="radiogroup"
    aria-label="Touches"
    contentContainerStyle={styles.chips}
    style={styles.strip}
  >
    {slots.map((slot) => (
      <OneOf key={slot.id} label={slotWords(slot)} chosen={slot.id === chosen} onChoose={() => onChoose(slot.id)} />
    ))}
  </ScrollView>
);

const slotWords = ({ name, readings, optional }: Slot): string => {
  if (readings.length === 0) return optional ? `(${name})` : name;
  return readings.length > 1 ? `✓ ${name} × ${readings.length}` : `✓ ${name}`;
};

const styles = StyleSheet.create({ chips: { gap: 6 }, strip: { flexGrow: 0 } });
