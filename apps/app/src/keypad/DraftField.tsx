import { TextInput, View } from 'react-native';
import { MONO } from '../theme/faces';
import { useLook } from '../theme/useLook';
import { Words } from '../theme/Words';

interface DraftFieldProps {
  label: string;
  value: string;
  onChange: (text: string) => void;
  onSubmit: () => void;
}

/** A text that is taken over together with others, not by itself. */
export function DraftField({ label, value, onChange, onSubmit }: DraftFieldProps) {
  const { palette } = useLook();
  return (
    <View style={{ flex: 1, minWidth: 0, gap: 4 }}>
      <Words kind="note" tone="soft">
        {label}
      </Words>
      <TextInput
        aria-label={label}
        value={value}
        onChangeText={onChange}
        onSubmitEditing={onSubmit}
        selectTextOnFocus
        autoComplete="off"
        style={{
          minHeight: 48,
          paddingHorizontal: 10,
          borderWidth: 1.5,
          borderRadius: 8,
          borderColor: palette.line,
          backgroundColor: palette.surface,
          color: palette.ink,
          fontFamily: MONO,
          fontWeight: '700',
          fontSize: 19,
        }}
      />
    </View>
  );
}
