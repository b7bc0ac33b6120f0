import type { ProgramComparison } from '@zero-point/core/messages/program/programComparison';
import { StyleSheet, View } from 'react-native';
import { AppText } from '../../../theme/AppText';

/** What the program believes on the left, what is set on the right, and whether they go together. */
export function ProgramComparisonTable({ rows }: { rows: readonly ProgramComparison[] }) {
  return (
    <View role="table" aria-label="Program compared with the setup" style={styles.table}>
      {rows.map(({ what, program, set, agrees }) => (
        <View key={what} role="row" style={styles.row}>
          <View role="cell" style={styles.what}>
            <AppText kind="note" tone={agrees === false ? 'bad' : 'soft'} style={styles.strong}>
              {`${agrees === false ? '✗ ' : agrees ? '✓ ' : ''}${what}`}
            </AppText>
          </View>
          <View role="cell" style={styles.cell}>
            <AppText kind="note">{program}</AppText>
          </View>
          <View role="cell" style={styles.cell}>
            <AppText kind="note">{set}</AppText>
          </View>
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  table: { gap: 6 },
  row: { flexDirection: 'row', gap: 8 },
  what: { flex: 1 },
  cell: { flex: 1.25 },
  strong: { fontWeight: '700' },
});
