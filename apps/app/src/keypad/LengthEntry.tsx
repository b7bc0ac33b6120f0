import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import { parseLength } from '@zero-point/core/units/parseLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { forwardRef, useId } from 'react';
import { TextInput, View } from 'react-native';
import { MONO } from '../theme/faces';
import { useLook } from '../theme/useLook';
import { Figure, Words } from '../theme/Words';

interface LengthEntryProps {
  label: string;
  unit: LengthUnit;
  text: string;
  onChange: (text: string) => void;
  onSubmit: () => void;
  onFocus?: () => void;
  /** What was wrong when it was last submitted. */
  error?: string | undefined;
  /** Keeps the system keyboard down because our own keypad is up. */
  ownKeypad: boolean;
}

/** A length as typed, with what it means beside it while it is typed. */
export const LengthEntry = forwardRef<TextInput, LengthEntryProps>(function LengthEntry(
  { label, unit, text, onChange, onSubmit, onFocus, error, ownKeypad },
  ref,
) {
  const { palette, digits } = useLook();
  const noteId = useId();
  const read = parseLength(text, unit);
  const plain = read.ok && /^[+\-−]?[\d.]+$/.test(text.trim());
  return (
    <View style={{ gap: 4 }}>
      <View
        style={{
          flexDirection: 'row',
          alignItems: 'center',
          borderWidth: 2,
          borderRadius: 8,
          borderColor: error ? palette.bad : palette.ink,
          backgroundColor: palette.surface,
        }}
      >
        <TextInput
          ref={ref}
          aria-label={label}
          aria-invalid={error !== undefined}
          aria-describedby={noteId}
          value={text}
          onChangeText={onChange}
          onSubmitEditing={onSubmit}
          onFocus={onFocus}
          blurOnSubmit={false}
          inputMode={ownKeypad ? 'none' : 'text'}
          autoComplete="off"
          autoCorrect={false}
          spellCheck={false}
          placeholder={label}
          placeholderTextColor={palette.inkSoft}
          style={{
            flex: 1,
            minWidth: 0,
            minHeight: 52,
            paddingHorizontal: 12,
            fontFamily: MONO,
            fontWeight: '700',
            fontSize: Math.round((text === '' ? 17 : 26) * digits),
            color: palette.ink,
          }}
        />
        <Figure size={18} tone="soft" style={{ paddingRight: 12 }}>
          {unit}
        </Figure>
      </View>
      <View nativeID={noteId} {...(error !== undefined && { role: 'alert' as const })}>
        {error !== undefined ? (
          <Words kind="note" tone="bad" style={{ fontWeight: '700' }}>
            {error}
          </Words>
        ) : (
          read.ok &&
          !plain && (
            <Words kind="note" tone="soft">
              means {formatLengthUnit(read.mm, { unit })}
            </Words>
          )
        )}
      </View>
    </View>
  );
});
