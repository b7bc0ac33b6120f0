import { hasController } from '@zero-point/core/records/shop/machine';
import { toolTableFindingWords } from '@zero-point/core/messages/zAndTools/toolTableFinding';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import type { TableAnswer, TableRow } from '@zero-point/core/state/zAndTools/toolTable';
import { lengthWords } from '@zero-point/core/zAndTools/schools';
import { tableAnswer } from '@zero-point/core/state/zAndTools/toolTable';
import { sizeOf, thicknessOf } from '@zero-point/core/state/gauges/contactSize';
import { formatLength, formatLengthUnit } from '@zero-point/core/units/formatLength';
import { rowReadBack, type RowReadBack } from '@zero-point/core/state/readBack/controlReadBack';
import { useMemo, useState } from 'react';
import { FlatList, View } from 'react-native';
import { Button } from 'react-native-paper';
import { plusMinus } from '@zero-point/core/messages/basis/verdict';
import { Fold } from '../../../answer/Fold';
import { LengthField } from '../../../keypad/Fields';
import { useLook } from '../../../theme/useLook';
import { Figure, AppText } from '../../../theme/AppText';
import { setsRows } from '@zero-point/core/formats/toolTable';
import { DialectChoice } from '../../../controls/DialectChoice';
import { saveMachine } from '../../../commands/saveMachine';
import { ImportTable } from './ImportTable';
import { RowBack } from './RowBack';
import { LengthMethodChoice } from './SchoolChoice';
import { saveTable } from '../../../files/saveTable';
import { saveToolTable, logMaster, masterReading, refit } from './toolTable';
import { staleWords } from '@zero-point/core/messages/zAndTools/lengthValidity';

/** The tool table as this machine keeps it: the school, every number in words, what cannot be right, and files of it. */
export default function ToolTablePanel({ book }: { book: SetupState }) {
  const { machine, setup } = book;
  const unit = setup.units;
  const table = useMemo(() => tableAnswer(book), [book]);
  const byController = hasController(machine);
  const canWrite = byController && setsRows(machine.habits.dialect, table.school);
  const [looking, setLooking] = useState(false);
  const measured = table.rows.some(({ length, isReference }) => length !== null && !isReference);
  return (
    <View style={{ gap: 12 }}>
      {table.school === 'true-length' && <Master book={book} />}
      {table.missing !== null && <AppText tone="warn">{table.missing}</AppText>}
      {table.school === 'touch-part' && <GaugeOff book={book} />}
      {table.findings.map((finding) => (
        <Finding key={`${finding.kind} ${finding.tools.join()}`} finding={finding} school={table.school} unit={unit} />
      ))}
      <FlatList
        role="list"
        aria-label="Tool lengths"
        tabIndex={0}
        data={table.rows}
        keyExtractor={({ number }) => String(number)}
        initialNumToRender={20}
        renderItem={({ item }) => (
          <Row
            row={item}
            book={book}
            school={table.school}
            back={looking ? rowReadBack(book, table.rows, item.number) : undefined}
          />
        )}
        style={{ maxHeight: 420 }}
      />
      {table.workOffset !== null && (
        <AppText>
          {'Work offset Z with these: '}
          {formatLengthUnit(table.workOffset, { unit })}.
        </AppText>
      )}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {measured && byController && (
          <Button mode={looking ? 'contained-tonal' : 'outlined'} onPress={() => setLooking(!looking)}>
            Read them back, row by row
          </Button>
        )}
        {measured && (
          <Button mode="outlined" onPress={() => saveToolTable(book)}>
            Save these for the machine
          </Button>
        )}
        <Button mode="outlined" onPress={() => saveTable(book, 'csv')}>
          CSV
        </Button>
        <Button mode="outlined" onPress={() => saveTable(book, 'json')}>
          JSON
        </Button>
        {canWrite && (
          <Button mode="outlined" onPress={() => saveTable(book, 'program')}>
            Program lines
          </Button>
        )}
      </View>
      {byController && (
        <DialectChoice
          value={machine.habits.dialect}
          onChange={(dialect) => saveMachine(book, { ...machine, habits: { ...machine.habits, dialect } })}
        />
      )}
      <ImportTable book={book} />
      <Fold title="Store lengths another way">
        <LengthMethodChoice book={book} />
      </Fold>
    </View>
  );
}

interface RowProps {
  row: TableRow;
  book: SetupState;
  school: Parameters<typeof lengthWords>[0];
  /** What the control's row reads, while rows are read back. */
  back: RowReadBack | undefined;
}

function Row({ row, book, school, back }: RowProps) {
  const unit = book.setup.units;
  const signed = { unit, plus: school !== 'true-length' };
  const { number, name, length, U, kept, changed, isReference } = row;
  return (
    <View role="listitem" style={{ paddingVertical: 4, gap: 2 }}>
      <View style={{ flexDirection: 'row', justifyContent: 'space-between', gap: 10 }}>
        <AppText style={{ flex: 1 }}>
          T{number} {name}
        </AppText>
        <Figure size={18}>{length === null ? 'not yet' : `${formatLength(length, signed)} ${unit}`}</Figure>
      </View>
      {length !== null && (
        <AppText kind="note" tone="soft">
          {isReference && school === 'reference-tool' ? 'the reference itself' : lengthWords(school, length)}
          {U === null ? '' : `, ${plusMinus(U, unit)}`}
        </AppText>
      )}
      {(length !== null || kept !== null) && (
        <View style={{ flexDirection: 'row', alignItems: 'center', gap: 10 }}>
          <AppText kind="note" style={{ flex: 1 }}>
            {kept === null ? '' : `Kept: ${formatLength(kept, signed)} ${unit}`}
          </AppText>
          <Button mode="outlined" onPress={() => refit(book, row)} accessibilityLabel={`Tool ${number} was re-clamped`}>
            It was re-clamped
          </Button>
        </View>
      )}
      {back && <RowBack book={book} number={number} back={back} />}
      {row.runsOut && (
        <AppText kind="note" tone="bad" style={{ fontWeight: '700' }}>
          ▲ Too much run-out: its stored length and size are kept.
        </AppText>
      )}
      {changed && length === null && (
        <AppText kind="note" tone="warn" style={{ fontWeight: '700' }}>
          ▲ {staleWords(number, changed)} Touch it again.
        </AppText>
      )}
    </View>
  );
}

interface FindingProps {
  finding: TableAnswer['findings'][number];
  school: TableAnswer['school'];
  unit: SetupState['setup']['units'];
}

function Finding({ finding, school, unit }: FindingProps) {
  const { kind, tools, off } = finding;
  const { what, remedy } = toolTableFindingWords(finding, { school, units: unit });
  const { palette } = useLook();
  const which = tools.length > 4 ? `${tools.length} tools` : `T${tools.join(', T')}`;
  return (
    // What is not there yet is to be done; what is there and cannot be right is an alarm.
    <View
      role={kind === 'missing' ? 'note' : 'alert'}
      style={{ gap: 4, padding: 10, borderWidth: 2, borderRadius: 8, borderColor: palette.warn }}
    >
      <AppText tone="warn" style={{ fontWeight: '700' }}>
        {kind === 'missing' ? '▲' : '✗'} {which}
        {off === null ? '' : ` off by ${formatLength(off, { unit, plus: true })} ${unit}`}
      </AppText>
      <AppText>
        {what} {remedy}
      </AppText>
    </View>
  );
}

/** That the gauge is taken off, once, for all tools. */
function GaugeOff({ book }: { book: SetupState }) {
  const { setup, gauges } = book;
  const gauge = gauges.find(({ id }) => id === setup.heightGaugeId);
  if (!gauge) return null;
  return (
    <AppText>
      {gauge.name}, {formatLengthUnit(thicknessOf(gauge), { unit: setup.units })}: already taken off every number here.
      Do not take it off again.
    </AppText>
  );
}

/** Z with a master tool of known length on the gauge: it says where the bare gauge line would touch. */
function Master({ book }: { book: SetupState }) {
  const masters = book.gauges.filter(({ kind, retiredOn }) => kind === 'master-tool' && retiredOn === undefined);
  const unit = book.setup.units;
  if (masters.length === 0) return <AppText>Add a master tool of known length in Shop first.</AppText>;
  return (
    <View style={{ gap: 8 }}>
      {masters.map((master) => (
        <LengthField
          key={master.id}
          label={`Z with ${master.name} (${formatLengthUnit(sizeOf(master), { unit })}) on the gauge`}
          unit={unit}
          value={masterReading(book, master)?.value ?? 0}
          onCommit={(mm) => logMaster(book, master, `${mm} mm`)}
        />
      ))}
    </View>
  );
}
