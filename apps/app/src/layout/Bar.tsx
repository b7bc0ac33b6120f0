import type { ReactNode } from 'react';
import { StyleSheet } from 'react-native';
import { Surface } from 'react-native-paper';
import { useOpenedFocus } from '../keyboard/useOpenedFocus';

interface BarProps {
  /** An alert is said at once, a status when there is time. */
  role: 'status' | 'alert';
  background: string;
  edge: string;
  children: ReactNode;
}

/** A line over the page that stays until what it says is done: words at one end, what to press at the other. */
export function Bar({ role, background, edge, children }: BarProps) {
  const opened = useOpenedFocus();
  return (
    <Surface
      ref={opened}
      tabIndex={-1}
      elevation={0}
      role={role}
      style={[styles.bar, { backgroundColor: background, borderColor: edge }]}
    >
      {children}
    </Surface>
  );
}

const styles = StyleSheet.create({
  bar: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    justifyContent: 'space-between',
    columnGap: 12,
    paddingHorizontal: 12,
    paddingVertical: 4,
    borderBottomWidth: 2,
  },
});
