import { useRouter, type Href } from 'expo-router';
import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Appbar, Text } from 'react-native-paper';
import { TARGET } from './layout';
import { useArrivalFocus } from '../keyboard/useArrivalFocus';
import { useEscape } from '../keyboard/useEscape';

interface TopBarProps {
  title: string;
  /** Where the arrow leads; nothing on the bench. */
  back?: { to: Href; label: string };
  children?: ReactNode;
}

/** Way back, where you are, and what stands beside the strip. */
export function TopBar({ title, back, children }: TopBarProps) {
  const router = useRouter();
  useArrivalFocus();
  useEscape();
  return (
    <View role="banner">
      <Appbar.Header mode="small" statusBarHeight={0} style={styles.bar}>
        {back && (
          <Appbar.BackAction
            accessibilityLabel={back.label}
            onPress={() => router.navigate(back.to)}
            style={styles.back}
          />
        )}
        <Appbar.Content
          style={back ? styles.title : styles.first}
          title={
            <Text variant={back ? 'titleSmall' : 'headlineLarge'} role="heading" aria-level={1} numberOfLines={2}>
              {title}
            </Text>
          }
        />
        {children}
      </Appbar.Header>
    </View>
  );
}

const styles = StyleSheet.create({
  bar: { height: TARGET, backgroundColor: 'transparent', paddingHorizontal: 4 },
  back: { width: TARGET, height: TARGET, margin: 0 },
  title: { paddingRight: 8, alignItems: 'flex-start' },
  // In line with what stands below it.
  first: { marginLeft: 0, paddingLeft: 12, alignItems: 'flex-start' },
});
