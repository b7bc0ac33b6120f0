import { useId, useRef } from 'react';
import { StyleSheet, View } from 'react-native';
import { HelperText, TextInput } from 'react-native-paper';
import { MONO, SANS } from '../theme/faces';
import { AppText } from '../theme/AppText';
import { selectWhole } from './selectWhole';

interface FieldBoxProps {
  label: string;
  /** What it is for, where its name does not say it all. */
  hint?: string | undefined;
  /** Shown behind the figure: the unit, or °. */
  unit?: string | undefined;
  value: string;
  onChange: (text: string) => void;
  onBlur?: (() => void) | undefined;
  onSubmit?: (() => void) | undefined;
  /** Takes what was typed at Enter, and says whether it did: what it does not take is put right where one is. */
  onTake?: (() => boolean) | undefined;
  /** What is wrong with it, and how to mend that. */
  error?: string | undefined;
  /** Words, not figures. */
  words?: boolean;
  /** Room for a sentence; it wraps. */
  tall?: boolean;
  /** Room for a table; Enter makes a new line. */
  rows?: number;
  inputMode?: 'text' | 'decimal' | 'numeric';
}

/** A field with its name above it, its unit behind, and what is wrong beneath. */
export function FieldBox({
  label,
  hint,
  unit,
  value,
  onChange,
  onBlur,
  onSubmit,
  onTake,
  error,
  words = false,
  tall = false,
  rows,
  inputMode = 'text',
}: FieldBoxProps) {
  const noteId = useId();
  const input = useRef<{ blur: () => void } | null>(null);
  const many = tall || rows !== undefined;
  return (
    <View style={styles.field}>
      <AppText kind="note" tone="soft">
        {label}
        {hint === undefined ? '' : `. ${hint}`}
      </AppText>
      <TextInput
        ref={(one: { blur: () => void } | null) => {
          input.current = one;
        }}
        mode="outlined"
        dense
        aria-label={label}
        aria-invalid={error !== undefined}
        aria-describedby={noteId}
        error={error !== undefined}
        value={value}
        onChangeText={onChange}
        {...(onBlur && { onBlur })}
        {...(onSubmit && { onSubmitEditing: onSubmit })}
        {...(onTake && {
          // Left at once where it was taken: a blur that comes later would take what is typed meanwhile.
          blurOnSubmit: tall,
          onSubmitEditing: () => {
            if (onTake()) input.current?.blur();
          },
        })}
        multiline={many}
        {...(many && { numberOfLines: rows ?? 3 })}
        {...(!words && !many && { onFocus: selectWhole })}
        inputMode={inputMode}
        autoComplete="off"
        spellCheck={words}
        {...(unit !== undefined && { right: <TextInput.Affix text={unit} /> })}
        style={many ? styles.many : styles.one}
        contentStyle={words ? styles.words : styles.figures}
      />
      <View nativeID={noteId} {...(error !== undefined && { role: 'alert' as const })}>
        {error !== undefined && (
          <HelperText type="error" padding="none" style={styles.note}>
            {error}
          </HelperText>
        )}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  field: { flex: 1, minWidth: 0, gap: 4 },
  one: { height: 48 },
  many: { minHeight: 96 },
  words: { fontFamily: SANS, fontSize: 17 },
  figures: { fontFamily: MONO, fontWeight: '700', fontSize: 19 },
  note: { paddingVertical: 0, fontWeight: '700' },
});
