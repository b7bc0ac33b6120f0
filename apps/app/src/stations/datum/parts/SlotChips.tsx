import { ScrollView } from 'react-native';
import { Press } from '../../../frame/Press';
import { spaceBar } from '../../../frame/spaceBar';
import { useLook } from '../../../theme/useLook';
import { Words } from '../../../theme/Words';
import type { Slot } from './slots';

interface SlotChipsProps {
  slots: readonly Slot[];
  chosen: string | undefined;
  onChoose: (id: string) => void;
}

/** The touches of a feature, one chip each: which were taken, which is in hand. */
export function SlotChips({ slots, chosen, onChoose }: SlotChipsProps) {
  const { palette } = useLook();
  return (
    <ScrollView
      horizontal
      role="radiogroup"
      aria-label="Touches"
      contentContainerStyle={{ gap: 6 }}
      style={{ flexGrow: 0 }}
    >
      {slots.map(({ id, name, readings, optional }) => (
        <Press
          key={id}
          role="radio"
          aria-checked={id === chosen}
          look={id === chosen ? 'filled' : 'box'}
          onPress={() => onChoose(id)}
          {...spaceBar(() => onChoose(id))}
        >
          <Words kind="note" style={{ color: id === chosen ? palette.onAction : palette.ink }}>
            {readings.length > 0 ? `✓ ${name}` : optional ? `(${name})` : name}
            {readings.length > 1 ? ` × ${readings.length}` : ''}
          </Words>
        </Press>
      ))}
    </ScrollView>
  );
}
