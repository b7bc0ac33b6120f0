import { View } from 'react-native';
import { useLook } from '../theme/useLook';
import { Words } from '../theme/Words';
import { Press } from './Press';
import { spaceBar } from './spaceBar';

interface ChoiceProps<T extends string> {
  label: string;
  options: readonly { value: T; label: string }[];
  value: T;
  onChange: (value: T) => void;
  /** Says the label above the options; else it is for screen readers only. */
  showLabel?: boolean;
}

/** One of a few, all in sight. The chosen one is filled and has a tick. */
export function Choice<T extends string>({ label, options, value, onChange, showLabel = true }: ChoiceProps<T>) {
  const { palette } = useLook();
  return (
    <View role="radiogroup" aria-label={label} style={{ gap: 6 }}>
      {showLabel && (
        <Words kind="note" tone="soft">
          {label}
        </Words>
      )}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {options.map((option) => {
          const chosen = option.value === value;
          return (
            <Press
              key={option.value}
              role="radio"
              aria-checked={chosen}
              look={chosen ? 'filled' : 'box'}
              onPress={() => onChange(option.value)}
              {...spaceBar(() => onChange(option.value))}
            >
              <Words style={{ color: chosen ? palette.onAction : palette.ink }}>
                {chosen ? '✓ ' : ''}
                {option.label}
              </Words>
            </Press>
          );
        })}
      </View>
    </View>
  );
}
