import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { indexState, type IndexLack, type ZeroFound } from '@zero-point/core/state/rotary/indexTable';
import { indexCsv, offsetLines } from '@zero-point/core/formats/indexFiles';
import { Refusal } from '@zero-point/core/problem/problem';
import type { IndexPlan } from '@zero-point/core/records/setup/indexPlan';
import type { IndexTableOutput } from '@zero-point/core/rotary/indexTable.schema';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { camWords, lackWords, INDEX_METHOD_QUESTIONS } from '@zero-point/core/messages/rotary/indexTable';
import { INDEX_METHOD_TEXT } from '@zero-point/core/messages/rotary/rotaryCentre';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { uuidv7 } from 'uuidv7';
import { Cautions } from '../../../../answer/Cautions';
import { FieldRow } from '../../../../keypad/FieldRow';
import { LengthField, OptionalLengthField } from '../../../../keypad/Fields';
import { FigureLine } from '../../../../answer/FigureLine';
import { Fold } from '../../../../answer/Fold';
import { Choice } from '../../../../controls/Choice';
import { GAP } from '../../../../layout/layout';
import { LinkButton } from '../../../../controls/LinkButton';
import { saveFile } from '../../../../files/saveFile';
import { saveInSetup } from '../../../../commands/logEntry';
import { WorkingStrip } from '../../../../working/WorkingStrip';
import { useLook } from '../../../../theme/useLook';
import { AppText } from '../../../../theme/AppText';
import { stationPath } from '../../../path';
import { IndexCard } from './IndexCard';

const SCHOOLS = ['per-index', 'centre', 'follows'] as const;

/** Names that a new index may have, the commonest first. */
const NAMES = ['Top', 'Front', 'Back', 'Left', 'Right', 'Under'] as const;

/** Which faces come up at which angles, and where part zero is then. */
export default function IndexPage({ book }: { book: SetupState }) {
  const router = useRouter();
  const { palette } = useLook();
  const { setup, machine, indexPlan } = book;
  const unit = setup.units;
  const state = indexState(book);
  const keep = (change: Partial<IndexPlan>) => saveInSetup(book, 'indexPlan', { ...indexPlan, ...change });
  const used = indexPlan.indices.map(({ workOffset }) => workOffset);
  const add = () => {
    const name =
      NAMES.find((one) => !indexPlan.indices.some((index) => index.name === one)) ??
      `Index ${indexPlan.indices.length + 1}`;
    const workOffset = machine.workOffsets?.find((one) => !used.includes(one));
    keep({ indices: [...indexPlan.indices, { id: uuidv7(), name, ...(workOffset !== undefined && { workOffset }) }] });
  };
  const { table } = state;
  return (
    <ScrollView style={[styles.page, { backgroundColor: palette.ground }]} contentContainerStyle={styles.body}>
      <AppText kind="sentence" live>
        {table
          ? 'Where part zero lies as the axes turn.'
          : indexPlan.indices.length === 0
            ? 'Which faces come up? Add each with the angles it has.'
            : 'Part zero at each index follows once this is known.'}
      </AppText>
      {state.lacks.map((lack) => (
        <Lack key={`${lack.code}${'axis' in lack ? lack.axis : ''}`} lack={lack} book={book} />
      ))}
      {state.problem !== undefined && (
        <View role="alert">
          <AppText tone="bad">{state.problem}</AppText>
        </View>
      )}
      {Object.keys(state.zero).length > 0 && (
        <View style={styles.cards}>
          <AppText tone="soft">
            Part zero as it was touched, with every rotary axis at zero, in machine coordinates, the tool still in Z:
          </AppText>
          <Coordinates of={state.zero} unit={unit} size={18} />
        </View>
      )}
      {state.zero.z && (machine.rotary ?? []).some(({ name }) => name !== 'C') && <ToolInZ book={book} onKeep={keep} />}
      <Choice
        label="Where zero is while the part turns"
        value={indexPlan.school}
        options={SCHOOLS.map((value) => ({ value, label: INDEX_METHOD_TEXT[value] }))}
        onChange={(school) => keep({ school })}
      />
      <AppText tone="soft">{INDEX_METHOD_QUESTIONS[indexPlan.school]}</AppText>
      {table?.offset && <OneOffset book={book} table={table} />}
      {table && indexPlan.school !== 'per-index' && <AppText>{camWords(table, unit)}</AppText>}
      <View role="list" style={styles.cards}>
        {indexPlan.indices.map((index, i) => (
          <IndexCard
            key={index.id}
            index={index}
            row={table?.rows[i]}
            book={book}
            onChange={(changed) =>
              keep({ indices: indexPlan.indices.map((one) => (one.id === changed.id ? changed : one)) })
            }
            onRemove={() => keep({ indices: indexPlan.indices.filter(({ id }) => id !== index.id) })}
          />
        ))}
      </View>
      <Button mode={indexPlan.indices.length === 0 ? 'contained' : 'outlined'} onPress={add} style={styles.add}>
        Add a face that comes up
      </Button>
      {table && <Files book={book} table={table} />}
      {table && (
        <>
          <Cautions
            cautions={table.cautions.map((caution) => ({ ...caution, mustTick: false }))}
            ticked={[]}
            onTick={() => undefined}
          />
          <Fold title="Show the working">
            <WorkingStrip tape={table.tape} unit={unit} />
          </Fold>
        </>
      )}
      <Button mode="text" onPress={() => router.navigate(stationPath(setup.id, 'datum'))} style={styles.add}>
        Back to the datum
      </Button>
    </ScrollView>
  );
}

interface ToolInZProps {
  book: SetupState;
  onKeep: (change: Partial<IndexPlan>) => void;
}

/** How long the reference tool is that Z was touched with: the centre of an axis that tilts has no tool in it. */
function ToolInZ({ book, onKeep }: ToolInZProps) {
  const { setup, indexPlan } = book;
  const told = indexPlan.toolInZ;
  const notNegative = (mm: number | undefined) => (mm === undefined || mm >= 0 ? undefined : 'It cannot be negative.');
  return (
    <FieldRow>
      <OptionalLengthField
        label={`Tool ${setup.referenceTool} in that Z is long`}
        hint="From the gauge line to its tip; 0 where the control had taken it off."
        unit={setup.units}
        value={told?.length}
        onCommit={(length) => onKeep({ toolInZ: length === undefined ? undefined : { length, U: told?.U ?? USUAL_U } })}
        check={notNegative}
      />
      {told && (
        <LengthField
          label="That length is known to ±"
          unit={setup.units}
          value={told.U}
          onCommit={(U) => onKeep({ toolInZ: { ...told, U } })}
          check={notNegative}
        />
      )}
    </FieldRow>
  );
}

/** How well a tool's length from the gauge line is known until somebody says, mm. */
const USUAL_U = 0.01;

/** What is still wanted, and where it is found. */
function Lack({ lack, book }: { lack: IndexLack; book: SetupState }) {
  const { machine, setup } = book;
  const shop = `/shop/machines/${machine.id}` as const;
  const words = lackWords(lack, machine.name);
  // That one is asked for right below.
  if (lack.code === 'length') return <AppText tone="warn">▲ {words}</AppText>;
  const to =
    lack.code === 'other-scale'
      ? shop
      : lack.code === 'sense'
        ? (`${shop}?axis=${lack.axis}&do=trial-turn` as const)
        : lack.code === 'centre'
          ? (`${shop}?axis=${lack.axis}` as const)
          : stationPath(setup.id, lack.code === 'offset' || lack.axis === 'z' ? 'heights' : 'datum');
  return (
    <LinkButton to={to as typeof shop} label={words}>
      <AppText tone="warn">▲ {words}</AppText>
    </LinkButton>
  );
}

/** The one offset of a school that has one. */
function OneOffset({ book, table }: { book: SetupState; table: IndexTableOutput }) {
  const unit = book.setup.units;
  const { offset } = table;
  if (!offset) return null;
  return (
    <View style={styles.cards}>
      <AppText style={styles.strong}>
        {book.indexPlan.school === 'centre'
          ? 'Work offset: the centre of rotation'
          : 'Work offset: part zero at index zero'}
      </AppText>
      <Coordinates
        of={{
          x: { value: offset.x, U: offset.U.x },
          y: { value: offset.y, U: offset.U.y },
          z: { value: offset.z, U: offset.U.z },
        }}
        unit={unit}
        size={24}
      />
    </View>
  );
}

interface CoordinatesProps {
  of: Partial<Record<'x' | 'y' | 'z', ZeroFound>>;
  unit: LengthUnit;
  size: number;
}

/** X, Y and Z with their signs and ±, as far as they are known. */
const Coordinates = ({ of, unit, size }: CoordinatesProps) =>
  (['x', 'y', 'z'] as const).map((axis) => {
    const one = of[axis];
    return (
      one && <FigureLine key={axis} say={axis.toUpperCase()} value={one.value} U={one.U} unit={unit} size={size} />
    );
  });

/** The table out to files. */
function Files({ book, table }: { book: SetupState; table: IndexTableOutput }) {
  const [trouble, setTrouble] = useState<string>();
  const { setup, indexPlan } = book;
  const lines = () => {
    try {
      saveFile(offsetLines(table.rows, setup.units), 'text/plain', `${setup.id}-offsets.nc`);
      setTrouble(undefined);
    } catch (error) {
      if (!(error instanceof Refusal)) throw error;
      setTrouble(error.message);
    }
  };
  return (
    <View style={styles.cards}>
      <View style={styles.buttons}>
        <Button
          mode="outlined"
          onPress={() => saveFile(indexCsv(table.rows, setup.units), 'text/csv', `${setup.id}-indices.csv`)}
        >
          Save as CSV
        </Button>
        {indexPlan.school === 'per-index' && (
          <Button mode="outlined" onPress={lines}>
            Save offset lines
          </Button>
        )}
      </View>
      {trouble !== undefined && (
        <View role="alert">
          <AppText tone="bad">{trouble}</AppText>
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  page: { flex: 1 },
  body: { padding: 16, gap: GAP, maxWidth: 860, width: '100%', alignSelf: 'center' },
  cards: { gap: 10 },
  strong: { fontWeight: '700' },
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  add: { alignSelf: 'flex-start' },
});
