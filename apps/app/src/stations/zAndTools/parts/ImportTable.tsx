import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { LARGEST_TABLE, type TableChange } from '@zero-point/core/formats/toolTable';
import { formatLength } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { useMemo, useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, ProgressBar } from 'react-native-paper';
import { FilePicker } from '../../../files/FilePicker';
import { Table, type Column } from '../../../layout/Table';
import { AppText } from '../../../theme/AppText';
import { WorkRefused, type RunningWorker } from '../../../workers/runWorker';
import { readToolTable } from '../../../workers/toolTableJob';
import { applyTableChanges } from './toolTable';

type Read =
  | { state: 'none' }
  | { state: 'reading'; name: string }
  | { state: 'refused'; why: string }
  | { state: 'read'; name: string; changes: TableChange[] };

/** A tool table read from a CSV file in a worker: what it would change is shown, and nothing is taken over unasked. */
export function ImportTable({ book }: { book: SetupState }) {
  const [read, setRead] = useState<Read>({ state: 'none' });
  const running = useRef<RunningWorker<TableChange[]> | undefined>(undefined);
  const unit = book.setup.units;
  const { toolTable, machine } = book;
  const take = async (file: File) => {
    if (file.size > LARGEST_TABLE)
      return setRead({
        state: 'refused',
        why: 'The file is larger than 2 MB. Check that it is a tool table.',
      });
    setRead({ state: 'reading', name: file.name });
    const now = toolTable?.school === machine.habits.toolLengthSchool ? toolTable.rows : [];
    running.current = readToolTable({ file, unit, now });
    try {
      const changes = await running.current.result;
      setRead(changes ? { state: 'read', name: file.name, changes } : { state: 'none' });
    } catch (error) {
      setRead({
        state: 'refused',
        why: error instanceof WorkRefused ? error.message : 'The file could not be read here. Try again.',
      });
    }
  };
  return (
    <View style={styles.group}>
      <FilePicker
        label="Read a table from CSV"
        what="A tool table as CSV"
        accept=".csv,text/csv"
        onPick={(file) => void take(file)}
      />
      {read.state === 'reading' && (
        <View style={styles.group}>
          <AppText live>{`Reading ${read.name}`}</AppText>
          <ProgressBar indeterminate aria-label={`Reading ${read.name}`} />
          <Button mode="text" onPress={() => running.current?.cancel()} style={styles.start}>
            Stop reading
          </Button>
        </View>
      )}
      {read.state === 'refused' && (
        <View role="alert">
          <AppText kind="strong" tone="bad">
            {read.why}
          </AppText>
        </View>
      )}
      {read.state === 'read' && (
        <Preview
          {...read}
          unit={unit}
          onTake={() => {
            applyTableChanges(book, read.changes);
            setRead({ state: 'none' });
          }}
          onLeave={() => setRead({ state: 'none' })}
        />
      )}
    </View>
  );
}

interface PreviewProps {
  name: string;
  changes: readonly TableChange[];
  unit: LengthUnit;
  onTake: () => void;
  onLeave: () => void;
}

function columnsIn(unit: LengthUnit): Column<TableChange>[] {
  const figure = (mm: number | undefined) => (mm === undefined ? 'new' : formatLength(mm, { unit, plus: true }));
  return [
    { title: 'Tool', text: ({ number }) => `T${number}` },
    { title: `Now, ${unit}`, numeric: true, flex: 1.6, text: ({ before }) => figure(before), soft: true },
    { title: `File, ${unit}`, numeric: true, flex: 1.6, text: ({ after }) => figure(after) },
  ];
}

function Preview({ name, changes, unit, onTake, onLeave }: PreviewProps) {
  const columns = useMemo(() => columnsIn(unit), [unit]);
  return (
    <View style={styles.group}>
      <AppText kind="strong" live>
        {changes.length === 0
          ? `${name} changes nothing.`
          : `${name} would change ${changes.length === 1 ? 'one tool' : `${changes.length} tools`}:`}
      </AppText>
      {changes.length > 0 && (
        <Table label="Changes from the file" rows={changes} columns={columns} keyOf={({ number }) => String(number)} />
      )}
      <View style={styles.row}>
        {changes.length > 0 && (
          <Button mode="outlined" onPress={onTake}>
            Use these
          </Button>
        )}
        <Button mode="text" onPress={onLeave}>
          Leave the table as it is
        </Button>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: 8 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  start: { alignSelf: 'flex-start' },
});
