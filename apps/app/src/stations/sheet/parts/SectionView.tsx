import type { SheetSection } from '@zero-point/core/sheet/sheet';
import { StyleSheet, View } from 'react-native';
import { MONO } from '../../../theme/faces';
import { useLook } from '../../../theme/useLook';
import { AppText } from '../../../theme/AppText';

interface SectionViewProps {
  section: SheetSection;
  /** Room for columns side by side; else each row is told in lines. */
  wide: boolean;
}

/** So many rows of a preview; the PDF has all of them. */
const SHOWN = 30;

/** One section of the sheet as it will print, on paper whatever the light. */
export function SectionView({ section, wide }: SectionViewProps) {
  const { palette } = useLook();
  const { title, columns, rows, lines, tone } = section;
  const ink = { color: palette.onStrip };
  const warn = tone === 'warn' ? styles.warn : ink;
  return (
    <View style={styles.section}>
      <AppText kind="strong" style={[styles.head, warn, { borderBottomColor: palette.onStrip }]}>
        {title}
      </AppText>
      {columns.length > 0 && (
        <View role="table" aria-label={title} style={styles.rows}>
          {wide && (
            <View role="row" style={styles.row}>
              {columns.map((column) => (
                <View key={column.title} role="columnheader" style={{ flex: column.share }}>
                  <AppText kind="note" style={[ink, styles.strong, column.figures && styles.right]}>
                    {column.title}
                  </AppText>
                </View>
              ))}
            </View>
          )}
          {rows.slice(0, SHOWN).map((row, i) =>
            wide ? (
              <View key={i} role="row" style={styles.row}>
                {columns.map((column, j) => (
                  <View key={column.title} role="cell" style={{ flex: column.share }}>
                    <AppText kind="note" style={[ink, column.figures && styles.figures]}>
                      {row[j] ?? ''}
                    </AppText>
                  </View>
                ))}
              </View>
            ) : (
              <View key={i} role="row" style={styles.told}>
                {columns.map((column, j) =>
                  (row[j] ?? '') === '' ? null : (
                    <View key={column.title} role="cell" style={styles.pair}>
                      <AppText kind="note" style={[ink, styles.name]}>
                        {column.title}
                      </AppText>
                      <AppText kind="note" style={[ink, styles.strong, styles.said, column.figures && styles.mono]}>
                        {row[j]}
                      </AppText>
                    </View>
                  ),
                )}
              </View>
            ),
          )}
        </View>
      )}
      {rows.length > SHOWN && (
        <AppText kind="note" style={ink}>{`and ${rows.length - SHOWN} more, all of them in the PDF`}</AppText>
      )}
      {lines.map((line) => (
        <AppText key={line} kind="note" style={warn}>{`· ${line}`}</AppText>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  section: { gap: 4, marginTop: 6 },
  head: { borderBottomWidth: 1, paddingBottom: 2 },
  // The paper is light in every light.
  warn: { color: '#8a1a10' },
  rows: { gap: 4 },
  row: { flexDirection: 'row', gap: 8 },
  told: { flexDirection: 'row', flexWrap: 'wrap', columnGap: 12, rowGap: 2, paddingVertical: 3 },
  pair: { flexDirection: 'row', flexShrink: 1, gap: 4, alignItems: 'baseline' },
  name: { opacity: 0.75 },
  strong: { fontWeight: '700' },
  said: { flexShrink: 1 },
  right: { textAlign: 'right' },
  mono: { fontFamily: MONO },
  figures: { textAlign: 'right', fontFamily: MONO },
});
