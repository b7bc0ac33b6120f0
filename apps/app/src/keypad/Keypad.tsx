import { StyleSheet, View } from 'react-native';
import { TouchableRipple, useTheme } from 'react-native-paper';
import PaperIcon from '../theme/PaperIcon';
import { Figure, AppText } from '../theme/AppText';
import { shopKeys } from './keys';

interface KeypadProps {
  /** Turns of a handwheel can be typed. */
  dial?: boolean;
  text: string;
  onChange: (text: string) => void;
  /** Height of a key, px. */
  keyHeight: number;
}

/** Our own keys, so that the system keyboard never covers the drawing. */
export function Keypad({ dial = false, text, onChange, keyHeight }: KeypadProps) {
  const { colors } = useTheme();
  return (
    <View role="group" aria-label="Keypad" style={styles.pad}>
      {shopKeys(dial).map((row) => (
        <View key={row[0]?.face} style={styles.row}>
          {row.map((key) => (
            <TouchableRipple
              key={key.face}
              accessibilityRole="button"
              accessibilityLabel={key.label}
              onPress={() => onChange(key.press(text))}
              style={[
                styles.key,
                {
                  flex: key.wide ?? 1,
                  height: keyHeight,
                  borderColor: colors.outline,
                  backgroundColor: colors.surface,
                },
              ]}
            >
              {key.icon ? (
                <PaperIcon name={key.icon} color={colors.onSurface} size={26} />
              ) : key.face.length > 2 ? (
                <AppText kind="strong" lines={1} style={styles.word}>
                  {key.face}
                </AppText>
              ) : (
                <Figure size={key.face.length > 1 ? 16 : 22}>{key.face}</Figure>
              )}
            </TouchableRipple>
          ))}
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  // Words are narrower in the face of words, and so may be larger.
  word: { fontSize: 15 },
  pad: { gap: 4 },
  row: { flexDirection: 'row', gap: 4 },
  key: { flex: 1, minWidth: 0, borderWidth: 1.5, borderRadius: 8, alignItems: 'center', justifyContent: 'center' },
});
