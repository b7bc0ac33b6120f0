import { useId, useState } from 'react';
import { TextInput, View } from 'react-native';
import { Press } from '../frame/Press';
import { MONO } from '../theme/faces';
import { useLook } from '../theme/useLook';
import { Words } from '../theme/Words';

interface TableFieldProps {
  label: string;
  hint: string;
  /** The table as it is, a line a row. */
  shown: string;
  /** Takes the text over, or says what is wrong with it. */
  onTake: (text: string) => string | undefined;
}

/** A small table typed or pasted, a line a row; what is refused stays as it was typed. */
export function TableField({ label, hint, shown, onTake }: TableFieldProps) {
  const { palette } = useLook();
  const noteId = useId();
  const [draft, setDraft] = useState<string | undefined>(undefined);
  const [error, setError] = useState<string | undefined>(undefined);
  const take = () => {
    const wrong = onTake(draft ?? shown);
    setError(wrong);
    if (wrong === undefined) setDraft(undefined);
  };
  return (
    <View style={{ gap: 4 }}>
      <Words kind="note" tone="soft">
        {label}. {hint}
      </Words>
      <TextInput
        aria-label={label}
        aria-invalid={error !== undefined}
        aria-describedby={noteId}
        value={draft ?? shown}
        onChangeText={(text) => {
          setDraft(text);
          setError(undefined);
        }}
        multiline
        autoComplete="off"
        spellCheck={false}
        style={{
          minHeight: 140,
          padding: 10,
          borderWidth: 1.5,
          borderRadius: 8,
          borderColor: error ? palette.bad : palette.line,
          backgroundColor: palette.surface,
          color: palette.ink,
          fontFamily: MONO,
          fontSize: 17,
          lineHeight: 24,
        }}
      />
      <View nativeID={noteId} {...(error !== undefined && { role: 'alert' as const })}>
        {error !== undefined && (
          <Words kind="note" tone="bad" style={{ fontWeight: '700' }}>
            {error}
          </Words>
        )}
      </View>
      <Press onPress={take} disabled={draft === undefined} style={{ alignSelf: 'flex-start' }}>
        <Words>Take the table over</Words>
      </Press>
    </View>
  );
}
