import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import { parseLength } from '@zero-point/core/units/parseLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { useId, type RefObject } from 'react';
// Only its type: what Paper's field gives as its ref.
// eslint-disable-next-line no-restricted-imports
import type { TextInput as NativeTextInput } from 'react-native';
import { StyleSheet, View } from 'react-native';
import { IconButton, TextInput } from 'react-native-paper';
import { TARGET } from '../layout/layout';
import { MONO, SANS } from '../theme/faces';
import { useLook } from '../theme/useLook';
import { AppText } from '../theme/AppText';

interface LengthEntryProps {
  ref?: RefObject<EntryRef | null>;
  label: string;
  /** What a bare number is in; nothing where it is no length. */
  unit: LengthUnit | undefined;
  /** Said behind the figure, where that is not the unit. */
  beside?: string;
  text: string;
  onChange: (text: string) => void;
  onSubmit: () => void;
  onFocus?: () => void;
  /** What was wrong when it was last submitted. */
  error?: string | undefined;
  /** Keeps the system keyboard down because our own keypad is up. */
  ownKeypad: boolean;
  /** Brings the system keyboard up instead, where our own keypad is. */
  onSystem?: (() => void) | undefined;
}

/** So many letters of what is asked fit beside the keyboard's key on a phone at full size. */
const LONG = 30;

export type EntryRef = NativeTextInput;

/** A length as typed, with what it means beside it while it is typed. */
export function LengthEntry({
  ref,
  label,
  unit,
  beside,
  text,
  onChange,
  onSubmit,
  onFocus,
  error,
  ownKeypad,
  onSystem,
}: LengthEntryProps) {
  const { palette, digits } = useLook();
  const noteId = useId();
  const read = parseLength(text, unit ?? 'mm');
  const plain = read.ok && /^[+\-−]?[\d.]+$/.test(text.trim());
  const means = unit && read.ok && !plain ? `means ${formatLengthUnit(read.mm, { unit })}` : undefined;
  return (
    <View style={styles.entry}>
      <View style={styles.row}>
        <TextInput
          ref={ref}
          mode="outlined"
          aria-label={label}
          aria-invalid={error !== undefined}
          aria-describedby={noteId}
          error={error !== undefined}
          value={text}
          onChangeText={onChange}
          onSubmitEditing={onSubmit}
          {...(onFocus && { onFocus })}
          blurOnSubmit={false}
          inputMode={ownKeypad ? 'none' : 'text'}
          autoComplete="off"
          autoCorrect={false}
          spellCheck={false}
          placeholder={label}
          outlineColor={palette.ink}
          right={<TextInput.Affix text={beside ?? unit ?? ''} />}
          style={styles.field}
          contentStyle={
            text === ''
              ? [styles.asked, label.length > LONG && styles.askedLong]
              : [styles.figure, { fontSize: Math.round(26 * digits) }]
          }
        />
        {onSystem && (
          <IconButton
            icon="keyboard"
            size={28}
            onPress={onSystem}
            accessibilityLabel="Use the system keyboard"
            style={styles.system}
          />
        )}
      </View>
      <View nativeID={noteId} {...(error !== undefined && { role: 'alert' as const })}>
        {error !== undefined ? (
          <AppText kind="note" tone="bad" style={styles.wrong}>
            {error}
          </AppText>
        ) : (
          means !== undefined && (
            <AppText kind="note" tone="soft">
              {means}
            </AppText>
          )
        )}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  entry: { gap: 2 },
  row: { flexDirection: 'row', alignItems: 'center', gap: 2 },
  field: { height: 52, flex: 1, minWidth: 0 },
  system: { width: TARGET, height: TARGET, margin: 0 },
  figure: { fontFamily: MONO, fontWeight: '700' },
  // What is asked is words, not a figure.
  asked: { fontFamily: SANS, fontWeight: '700', fontSize: 17 },
  askedLong: { fontSize: 15 },
  wrong: { fontWeight: '700' },
});
