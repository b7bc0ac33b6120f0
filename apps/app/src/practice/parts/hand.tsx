import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { AppText } from '../../theme/AppText';

/** Something a hand can do. */
export const Do = ({ label, off = false, onPress }: { label: string; off?: boolean; onPress: () => void }) => (
  <Button compact mode="outlined" disabled={off} onPress={onPress} style={styles.do}>
    {label}
  </Button>
);

/** What can be done beside each other, and what is to be seen of it. */
export const Row = ({ says, children }: { says?: string; children?: ReactNode }) => (
  <View style={styles.row}>
    {children}
    {says !== undefined && (
      <View role="status" style={styles.says}>
        <AppText kind="note">{says}</AppText>
      </View>
    )}
  </View>
);

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8, alignItems: 'center' },
  do: { flexGrow: 1 },
  says: { flexGrow: 1, flexBasis: 120 },
});
