import type { Book } from '@zero-point/core/book/book';
import { tableChanges, toolTableFromCsv, type TableChange } from '@zero-point/core/formats/toolTable';
import { Refusal } from '@zero-point/core/problem/problem';
import { formatLength } from '@zero-point/core/units/formatLength';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { FilePick } from '../../../frame/FilePick';
import { Words } from '../../../theme/Words';
import { takeOver } from './toolTable';

type Read =
  { state: 'none' } | { state: 'refused'; why: string } | { state: 'read'; name: string; changes: TableChange[] };

/** Largest table that is read, bytes: ten thousand tools with long names. */
const LARGEST_TABLE = 2 * 1024 * 1024;

/** Lines of a preview; the rest is counted. */
const SHOWN = 20;

/** A tool table read from a CSV file: what it would change is shown, and nothing is taken over unasked. */
export function ImportTable({ book }: { book: Book }) {
  const [read, setRead] = useState<Read>({ state: 'none' });
  const unit = book.setup.units;
  const { toolTable, machine } = book;
  const take = async (file: File) => {
    if (file.size > LARGEST_TABLE)
      return setRead({
        state: 'refused',
        why: 'The file is larger than 2 MB; no tool table is. See whether it is the right one.',
      });
    const now = toolTable?.school === machine.habits.toolLengthSchool ? toolTable.rows : [];
    try {
      const rows = toolTableFromCsv(await file.text(), unit);
      setRead({ state: 'read', name: file.name, changes: tableChanges(now, rows) });
    } catch (error) {
      if (!(error instanceof Refusal)) throw error;
      setRead({ state: 'refused', why: error.message });
    }
  };
  return (
    <View style={{ gap: 8 }}>
      <FilePick
        label="Read a table from CSV"
        what="A tool table as CSV"
        accept=".csv,text/csv"
        onPick={(file) => void take(file)}
      />
      {read.state === 'refused' && (
        <View role="alert">
          <Words tone="bad" style={{ fontWeight: '700' }}>
            {read.why}
          </Words>
        </View>
      )}
      {read.state === 'read' && (
        <Preview
          {...read}
          unit={unit}
          onTake={() => {
            takeOver(book, read.changes);
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
  unit: Book['setup']['units'];
  onTake: () => void;
  onLeave: () => void;
}

function Preview({ name, changes, unit, onTake, onLeave }: PreviewProps) {
  const figure = (mm: number) => `${formatLength(mm, { unit, plus: true })} ${unit}`;
  return (
    <View style={{ gap: 6 }}>
      <Words style={{ fontWeight: '700' }} live>
        {changes.length === 0
          ? `${name} changes nothing.`
          : `${name} would change ${changes.length === 1 ? 'one tool' : `${changes.length} tools`}:`}
      </Words>
      {changes.slice(0, SHOWN).map(({ number, before, after }) => (
        <Words key={number} kind="note">
          T{number}: {before === undefined ? 'new' : figure(before)} → {figure(after)}
        </Words>
      ))}
      {changes.length > SHOWN && <Words kind="note">and {changes.length - SHOWN} more.</Words>}
      <View style={{ flexDirection: 'row', gap: 8 }}>
        {changes.length > 0 && (
          <Button mode="outlined" onPress={onTake}>
            Take these over
          </Button>
        )}
        <Button mode="text" onPress={onLeave}>
          Leave the table as it is
        </Button>
      </View>
    </View>
  );
}
