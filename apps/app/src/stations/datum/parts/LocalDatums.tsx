import type { LocalDatum } from '@zero-point/core/records/setup/datumPlan';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { featureKey, featureName, nominalOf } from '@zero-point/core/datum/feature';
import type { Point } from '@zero-point/core/geometry/point';
import { datumInForce, localOffset } from '@zero-point/core/state/datum/localDatum';
import { isSet, scaleOf } from '@zero-point/core/state/basis/activeRecords';
import { roundsOf } from '@zero-point/core/datum/shapes';
import { formatLength, formatLengthUnit } from '@zero-point/core/units/formatLength';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { Choice } from '../../../controls/Choice';
import { FieldRow } from '../../../keypad/FieldRow';
import { LengthField, TextField } from '../../../keypad/Fields';
import { AppText } from '../../../theme/AppText';
import { logZeroing } from '../../../commands/logTouch';
import { addLocalDatum } from '../commands';

/** A second zero on the same part: how to go over to it, and back, without losing the first. */
export function LocalDatums({ book }: { book: SetupState }) {
  const { datumPlan, setup } = book;
  const inForce = datumInForce(book);
  const [adding, setAdding] = useState(false);
  const set = isSet(book);
  return (
    <View style={{ gap: 10 }}>
      <AppText kind="note" tone="soft">
        Active now: {inForce ? inForce.name : 'part zero'}.
      </AppText>
      {!set && <AppText kind="note">Set X and Y first. A local datum counts from part zero.</AppText>}
      {set &&
        datumPlan.local.map((datum) =>
          datum.id === inForce?.id ? (
            <Back key={datum.id} book={book} datum={datum} />
          ) : (
            inForce === undefined && <Go key={datum.id} book={book} datum={datum} />
          ),
        )}
      {adding ? (
        <NewDatum book={book} onDone={() => setAdding(false)} />
      ) : (
        <Button mode="outlined" onPress={() => setAdding(true)}>
          Add a local datum
        </Button>
      )}
      {datumPlan.local.length > 0 && (
        <View role="list" aria-label="Local datums">
          {datumPlan.local.map(({ id, name, at }) => (
            <View role="listitem" key={id}>
              <AppText kind="note">
                {name}: X {formatLengthUnit(at.x, { unit: setup.units })}, Y{' '}
                {formatLengthUnit(at.y, { unit: setup.units })} from part zero.
              </AppText>
            </View>
          ))}
        </View>
      )}
    </View>
  );
}

const AXES = ['x', 'y'] as const;

interface GoProps {
  book: SetupState;
  datum: LocalDatum;
}

/** Going over to a local datum: by its own work offset on a controller, else by zeroing there. */
function Go({ book, datum }: GoProps) {
  const { at, pair, offset, onController, twoZeros } = situation(book, datum);
  const there = offset && { x: offset.x + at.x, y: offset.y + at.y };
  const own = there ? `enter ${pair(there)}` : `enter part zero’s own plus ${pair(at)}`;
  return (
    <Change
      book={book}
      words={
        onController
          ? `${datum.name}: in work offset ${datum.workOffset ?? 'of its own'}, ${own}.`
          : twoZeros
            ? `${datum.name}: raise the tool, move to ${pair(at)}, switch the DRO to INC and zero both there. The first zero, ABS, stays as it is.`
            : `${datum.name}: raise the tool, move to ${pair(at)}, then zero both.`
      }
      done={`Log ${datum.name} active`}
      to={datum.id}
      value={(onController && there) || { x: 0, y: 0 }}
    />
  );
}

/** Going back to part zero: at the local zero, the scale is told where it is on the part. */
function Back({ book, datum }: GoProps) {
  const { at, pair, offset, onController, twoZeros } = situation(book, datum);
  return (
    <Change
      book={book}
      words={
        onController
          ? 'Back to part zero: choose its work offset again.'
          : twoZeros
            ? `Back to part zero: switch the DRO to ABS. Over ${datum.name} it must show ${pair(at)}. If it shows 0 there, the local zero was typed over the main one: set it to that, there.`
            : `Back to part zero: raise the tool, move to X 0, Y 0 of ${datum.name}, then set ${pair(at)}.`
      }
      done="Log part zero active"
      to="main"
      value={onController ? (offset ?? { x: 0, y: 0 }) : at}
    />
  );
}

/** Where the two datums are to each other, and what part zero was entered as. */
function situation(book: SetupState, datum: LocalDatum) {
  const { units: unit } = book.setup;
  const figure = (mm: number) => formatLength(mm, { unit, plus: true });
  return {
    at: localOffset(book, datum),
    pair: ({ x, y }: Point) => `X ${figure(x)}, Y ${figure(y)} ${unit}`,
    offset: mainOffset(book),
    onController: scaleOf(book) === 'machine',
    // A readout has a second zero: the first need not be lost for a local one.
    twoZeros: scaleOf(book) === 'readout',
  };
}

interface ChangeProps {
  book: SetupState;
  words: string;
  done: string;
  /** The datum that is in force afterwards. */
  to: string;
  /** What each axis is set to, or its work offset, mm. */
  value: Point;
}

/** What to do at the machine, and the press that says it was done. */
function Change({ book, words, done, to, value }: ChangeProps) {
  const form = scaleOf(book) === 'machine' ? 'work-offset' : 'move';
  const say = () => {
    for (const axis of AXES)
      logZeroing(book, { kind: 'datum', datum: to }, axis, form, value[axis], offsetOf(book, to));
  };
  return (
    <View style={{ gap: 6 }}>
      <AppText>{words}</AppText>
      <Button mode="contained" onPress={say}>
        {done}
      </Button>
    </View>
  );
}

/** The controller's work offset that holds a local datum, where it has one of its own. */
const offsetOf = ({ datumPlan }: SetupState, to: string): string | undefined =>
  datumPlan.local.find(({ id }) => id === to)?.workOffset;

/** Part zero's own work offset, where it was entered as one. */
function mainOffset(book: SetupState): { x: number; y: number } | undefined {
  const of = (axis: 'x' | 'y') =>
    book.zeroings
      .filter(
        ({ axis: one, form, subject }) =>
          one === axis && form === 'work-offset' && !(subject.kind === 'datum' && subject.datum !== 'main'),
      )
      .at(-1)?.value;
  const [x, y] = [of('x'), of('y')];
  return x === undefined || y === undefined ? undefined : { x, y };
}

const TYPED = 'typed';

/** Names a local datum: at a hole of the drawing, or wherever it is typed. */
function NewDatum({ book, onDone }: { book: SetupState; onDone: () => void }) {
  const { part, setup, datumPlan, machine } = book;
  const rounds = roundsOf(part);
  const [place, setPlace] = useState(rounds[0]?.id ?? TYPED);
  const [typed, setTyped] = useState({ x: 0, y: 0 });
  const [name, setName] = useState(`Datum ${datumPlan.local.length + 2}`);
  const round = rounds.find(({ id }) => id === place);
  const nominal = round ? nominalOf(part, setup.partZero, { kind: 'round', of: round.id }) : typed;
  const at = { x: nominal.x ?? 0, y: nominal.y ?? 0 };
  const spare = machine.workOffsets?.[datumPlan.local.length + 1];
  return (
    <View style={{ gap: 10 }}>
      <TextField
        label="Name"
        value={name}
        onCommit={setName}
        check={(text) => (text === '' ? 'Give it a name.' : undefined)}
      />
      <Choice
        label="Where"
        value={place}
        onChange={setPlace}
        options={[
          ...rounds.map(({ id }) => ({ value: id, label: featureName(part, { kind: 'round', of: id }) })),
          { value: TYPED, label: 'typed' },
        ]}
      />
      <FieldRow>
        <LengthField
          key={`x ${featureKey({ kind: 'round', of: place })}`}
          label="X from part zero"
          unit={setup.units}
          value={at.x}
          onCommit={(x) => {
            setPlace(TYPED);
            setTyped({ ...at, x });
          }}
        />
        <LengthField
          key={`y ${featureKey({ kind: 'round', of: place })}`}
          label="Y from part zero"
          unit={setup.units}
          value={at.y}
          onCommit={(y) => {
            setPlace(TYPED);
            setTyped({ ...at, y });
          }}
        />
      </FieldRow>
      <Button
        mode="outlined"
        onPress={() => {
          addLocalDatum(book, { name, at, ...(spare !== undefined && { workOffset: spare }) });
          onDone();
        }}
      >
        Save this datum
      </Button>
    </View>
  );
}
