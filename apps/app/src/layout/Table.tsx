import { createColumnHelper, tableFeatures, useTable } from '@tanstack/react-table';
import { useMemo } from 'react';
import { FlatList, StyleSheet } from 'react-native';
import { DataTable, useTheme } from 'react-native-paper';
import { Figure } from '../theme/AppText';
import { TARGET } from './layout';

/** One column: its title with its unit, and what stands in it. */
export interface Column<T> {
  title: string;
  /** Figures stand to the right. */
  numeric?: boolean;
  /** Its share of the width. */
  flex?: number;
  text: (row: T) => string;
  /** Read second. */
  soft?: boolean;
}

interface TableProps<T extends object> {
  label: string;
  rows: readonly T[];
  columns: readonly Column<T>[];
  keyOf: (row: T) => string;
  /** What pressing a row does. */
  onPress?: (row: T) => void;
  chosen?: (row: T) => boolean;
  /** So many rows in sight; the rest is scrolled. */
  inSight?: number;
}

const FEATURES = tableFeatures({});

/** A table of figures. Only the rows in sight are laid out, so 10,000 stay quick. */
export function Table<T extends object>({ label, rows, columns, keyOf, onPress, chosen, inSight = 8 }: TableProps<T>) {
  const { colors, fonts } = useTheme();
  const definitions = useMemo(() => {
    const helper = createColumnHelper<typeof FEATURES, T>();
    return columns.map((column, i) =>
      helper.accessor((row): unknown => column.text(row), { id: String(i), header: column.title }),
    );
  }, [columns]);
  const table = useTable({ features: FEATURES, columns: definitions, data: rows as T[], getRowId: keyOf });
  const columnAt = (id: string): Column<T> | undefined => columns[Number(id)];
  return (
    <DataTable role="table" aria-label={label} aria-rowcount={rows.length + 1}>
      {table.getHeaderGroups().map((group) => (
        <DataTable.Header key={group.id} role="row" style={styles.row}>
          {group.headers.map(({ id }) => (
            <DataTable.Title
              key={id}
              role="columnheader"
              numeric={columnAt(id)?.numeric ?? false}
              style={{ flex: columnAt(id)?.flex ?? 1 }}
              textStyle={[fonts.bodyMedium, { color: colors.onSurfaceVariant }]}
            >
              {columnAt(id)?.title}
            </DataTable.Title>
          ))}
        </DataTable.Header>
      ))}
      <FlatList
        role="presentation"
        data={table.getRowModel().rows}
        keyExtractor={({ id }) => id}
        getItemLayout={(_, index) => ({ length: TARGET, offset: TARGET * index, index })}
        initialNumToRender={20}
        nestedScrollEnabled
        style={{ maxHeight: TARGET * inSight }}
        renderItem={({ item }) => (
          <DataTable.Row
            role="row"
            {...(chosen && { accessibilityState: { selected: chosen(item.original) } })}
            {...(onPress && { onPress: () => onPress(item.original) })}
            style={styles.row}
          >
            {item.getAllCells().map((cell) => {
              const column = columnAt(cell.column.id);
              return (
                <DataTable.Cell
                  key={cell.id}
                  role="cell"
                  numeric={column?.numeric ?? false}
                  style={{ flex: column?.flex ?? 1 }}
                >
                  <Figure
                    size={column?.soft ? 15 : 18}
                    tone={column?.soft ? 'soft' : chosen?.(item.original) ? 'brass' : 'ink'}
                  >
                    {String(cell.getValue())}
                  </Figure>
                </DataTable.Cell>
              );
            })}
          </DataTable.Row>
        )}
      />
    </DataTable>
  );
}

const styles = StyleSheet.create({ row: { paddingHorizontal: 8, height: TARGET } });
