import type { ReactNode } from 'react';
import { StyleSheet, View, type AccessibilityRole } from 'react-native';
import { TouchableRipple, useTheme } from 'react-native-paper';
import { TARGET } from '../layout/layout';

interface CardButtonProps {
  /** What a screen reader says of it. */
  label: string;
  onPress: () => void;
  /** One of several; else a button. */
  role?: Extract<AccessibilityRole, 'radio' | 'button'>;
  /** The chosen one of several has the heavy frame. */
  chosen?: boolean;
  /** Opens something beneath it. */
  open?: boolean;
  bare?: boolean;
  /** It cannot be pressed; why stands on it. */
  disabled?: boolean;
  children: ReactNode;
}

/** A card that is pressed as a whole: more than a word stands on it. */
export function CardButton({
  label,
  onPress,
  role = 'button',
  chosen,
  open,
  bare = false,
  disabled = false,
  children,
}: CardButtonProps) {
  const { colors } = useTheme();
  return (
    <TouchableRipple
      accessibilityRole={role}
      accessibilityState={{
        ...(chosen !== undefined && { selected: chosen }),
        ...(open !== undefined && { expanded: open }),
        ...(disabled && { disabled }),
      }}
      accessibilityLabel={label}
      disabled={disabled}
      onPress={onPress}
      style={[
        styles.card,
        bare
          ? styles.bare
          : {
              borderWidth: chosen ? 3 : 1.5,
              borderColor: chosen ? colors.onSurface : colors.outline,
              backgroundColor: colors.surface,
            },
      ]}
    >
      <View style={styles.inside}>{children}</View>
    </TouchableRipple>
  );
}

const styles = StyleSheet.create({
  card: { minHeight: TARGET, paddingHorizontal: 12, paddingVertical: 6, borderRadius: 8, justifyContent: 'center' },
  bare: { paddingHorizontal: 0 },
  inside: { gap: 2 },
});
