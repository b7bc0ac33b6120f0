import { Link, type Href } from 'expo-router';
import type { ReactNode } from 'react';
import { StyleSheet } from 'react-native';
import { TouchableRipple, useTheme } from 'react-native-paper';
import { AppText } from '../theme/AppText';
import { TARGET } from '../layout/layout';

interface LinkButtonProps {
  to: Href;
  label: string;
  /** What stands on it, where it is more than its label. */
  children?: ReactNode;
  /** Without a frame. */
  bare?: boolean;
  current?: boolean;
}

/** Something to press that leads to another screen: a real link, so keys and new tabs work as anywhere. */
export function LinkButton({ to, label, children, bare = false, current = false }: LinkButtonProps) {
  const { colors } = useTheme();
  return (
    <Link href={to} asChild>
      <TouchableRipple
        role="link"
        aria-label={label}
        {...(current && { 'aria-current': 'page' as const })}
        // The link puts its own style beside this one: it wants a plain object.
        style={StyleSheet.flatten([
          styles.link,
          ...(bare ? [] : [styles.framed, { borderColor: colors.outline, backgroundColor: colors.surface }]),
        ])}
      >
        {children ?? <AppText>{label}</AppText>}
      </TouchableRipple>
    </Link>
  );
}

const styles = StyleSheet.create({
  link: { minHeight: TARGET, minWidth: TARGET, paddingHorizontal: 12, justifyContent: 'center', borderRadius: 8 },
  framed: { borderWidth: 1.5, paddingVertical: 8 },
});
