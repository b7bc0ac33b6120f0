import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { List } from 'react-native-paper';

interface FoldProps {
  title: string;
  open?: boolean;
  children: ReactNode;
}

/** It has the ground of what it is on: the page's, or a card's. */
const CLEAR = { colors: { background: 'transparent' } } as const;

/** Something that opens when asked for. */
export function Fold({ title, open = false, children }: FoldProps) {
  const [shown, setShown] = useState(open);
  return (
    <List.Accordion
      title={title}
      titleNumberOfLines={3}
      titleStyle={styles.title}
      contentStyle={styles.content}
      style={styles.row}
      theme={CLEAR}
      expanded={shown}
      onPress={() => setShown(!shown)}
    >
      <View style={styles.body}>{children}</View>
    </List.Accordion>
  );
}

const styles = StyleSheet.create({
  row: { paddingVertical: 0, paddingRight: 8 },
  content: { paddingLeft: 0 },
  title: { fontSize: 17, lineHeight: 23, fontWeight: '700' },
  body: { gap: 8, paddingBottom: 8 },
});
