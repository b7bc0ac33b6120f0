import { midSentence } from '@zero-point/core/messages/basis/grammar';
import { lastZeroing } from '@zero-point/core/state/basis/activeRecords';
import { planAxes } from '@zero-point/core/records/shop/machine';
import { topAboveZero } from '@zero-point/core/state/zAndTools/zZeroHeight';
import { zZeroWords } from '@zero-point/core/messages/zAndTools/zZero';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { driveStops } from '@zero-point/core/state/holes/driveStops';
import { cutOf, machiningOf, programSections, type Machining } from '@zero-point/core/state/holes/machiningOrder';
import { PLAINEST } from '@zero-point/core/records/values/dialects';
import { keepsTable } from '@zero-point/core/zAndTools/schools';
import { Refusal } from '@zero-point/core/problem/problem';
import type { ProgramForm } from '@zero-point/core/records/setup/cutPlan';
import type { Pattern } from '@zero-point/core/records/setup/pattern';
import { STEP_NAMES } from '@zero-point/core/messages/basis/labels';
import { zToolChanged } from '@zero-point/core/state/verify/recheckZ';
import { zToolChangedWords } from '@zero-point/core/messages/zAndTools/lengthValidity';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { Choice } from '../../../controls/Choice';
import { DialectChoice } from '../../../controls/DialectChoice';
import { saveFile } from '../../../files/saveFile';
import { FieldRow } from '../../../keypad/FieldRow';
import { LengthField, OptionalLengthField, TextField } from '../../../keypad/Fields';
import { saveMachine } from '../../../commands/saveMachine';
import { AppText } from '../../../theme/AppText';
import { writeHoles } from '../../../workers/holesJob';
import { WorkRefused } from '../../../workers/runWorker';
import { saveCutPlan } from '../../../commands/saveCutPlan';
import { CutFields } from './CutFields';
import { orderOf } from './order/orderChoices';
import { BreakThroughFields } from './BreakThroughFields';

interface ProgramFieldsProps {
  book: SetupState;
  pattern: Pattern;
}

/** A program to start from. */
const startForm = ({ machine, setup }: SetupState): ProgramForm => ({
  distance: 'absolute',
  workOffset: setup.workOffset ?? machine.workOffsets?.[0] ?? 'G54',
  feedFrom: 2,
  breakThrough: 0.5,
  cuts: [],
});

const ALL = 'all';

const nameOf = ({ step, tool }: Machining): string =>
  tool ? `${STEP_NAMES[step]}: T${tool.number} ${tool.name}` : `${STEP_NAMES[step]}: no such tool yet`;

/** Holes as a program: each step by its tool, in machining order to. */
export function ProgramFields({ book, pattern }: ProgramFieldsProps) {
  const [chosen, setChosen] = useState(ALL);
  const [trouble, setTrouble] = useState<string | undefined>(undefined);
  const { machine, setup } = book;
  if (machine.kind !== 'router' && machine.kind !== 'machining-centre')
    return (
      <AppText>
        The {midSentence(machine.name)} has no control that could run a program. Go from hole to hole instead.
      </AppText>
    );
  const unit = setup.units;
  const form = book.cutPlan.program ?? startForm(book);
  const change = (part: Partial<ProgramForm>) => saveCutPlan(book, { program: { ...form, ...part } });
  const all = machiningOf(book, driveStops(book, orderOf(book, pattern.id), pattern.id));
  const written = all.filter(({ step }) => step !== 'tap');
  const canAll = keepsTable(machine.habits.toolLengthSchool) && written.length > 1;
  const one = written.find((machining) => nameOf(machining) === chosen) ?? (canAll ? undefined : written[0]);
  const now = one ? [one] : written;
  const unset = ([...planAxes(machine), 'z'] as const).filter((axis) => lastZeroing(book, axis) === undefined);
  const zTool = zToolChanged(book);
  const write = async () => {
    setTrouble(undefined);
    try {
      const { clear } = form;
      if (clear === undefined) {
        setTrouble('First enter the clear height: above every clamp, jaw and screw.');
        return;
      }
      const top = topAboveZero(book);
      if (top === undefined) {
        setTrouble('Z zero is the part’s underside. Enter the part’s thickness in Plan first.');
        return;
      }
      const text = await writeHoles({
        kind: 'write-program',
        job: {
          title: setup.name,
          sections: programSections({ ...book, cutPlan: { ...book.cutPlan, program: form } }, now),
          unit,
          dialect: machine.habits.dialect ?? PLAINEST,
          school: machine.habits.toolLengthSchool,
          workOffset: form.workOffset,
          distance: form.distance,
          clear,
          feedFrom: form.feedFrom,
          top,
          limits: machine.limits,
        },
      }).result;
      if (text !== undefined) saveFile(text, 'text/plain', `${setup.id}-${one ? one.step : 'holes'}.nc`);
    } catch (error) {
      const said = error instanceof WorkRefused || error instanceof Refusal;
      setTrouble(said ? error.message : 'The program could not be written here. Try again.');
    }
  };
  return (
    <View style={{ gap: 12 }}>
      {written.length > 1 && (
        <Choice
          label={canAll ? 'Which tools' : 'Which tool? One program for each, as this machine stores no lengths'}
          value={one ? nameOf(one) : ALL}
          options={[
            ...(canAll ? [{ value: ALL, label: 'All, in this order' }] : []),
            ...written.map((machining) => ({ value: nameOf(machining), label: nameOf(machining) })),
          ]}
          onChange={setChosen}
        />
      )}
      {written.length < all.length && (
        <AppText kind="note" tone="soft">
          Thread tapping is not written. Use the machine’s own tapping cycle at these places.
        </AppText>
      )}
      <FieldRow>
        <OptionalLengthField
          label="Clear height above the part"
          hint="Above every clamp, jaw and screw."
          unit={unit}
          value={form.clear}
          onCommit={(clear) => clear !== undefined && change({ clear })}
          check={(mm) =>
            mm === undefined || mm >= form.feedFrom ? undefined : 'Not below the height where feeding begins.'
          }
        />
        <LengthField
          label="Feeding begins above the part at"
          unit={unit}
          value={form.feedFrom}
          onCommit={(feedFrom) => change({ feedFrom })}
          check={(mm) => (mm > 0 && mm <= (form.clear ?? Infinity) ? undefined : 'Over 0, at most the clear height.')}
        />
      </FieldRow>
      <BreakThroughFields book={book} form={form} machinings={now} onChange={change} />
      {now.map((machining) => (
        <CutFields
          key={nameOf(machining)}
          name={nameOf(machining)}
          machining={machining}
          cut={cutOf(book, machining)}
          unit={unit}
          onChange={(cut) => {
            const { step, tool } = machining;
            if (!tool) return;
            const others = form.cuts.filter((said) => said.step !== step || said.tool !== tool.number);
            change({ cuts: [...others, { step, tool: tool.number, ...cut }] });
          }}
        />
      ))}
      <TextField
        label="Work offset"
        value={form.workOffset}
        onCommit={(workOffset) => change({ workOffset })}
        check={(name) => (/^[A-Za-z0-9. #_-]{1,12}$/.test(name) ? undefined : 'As on the control, e.g. G54.')}
      />
      <Choice
        label="Coordinates"
        value={form.distance}
        options={[
          { value: 'absolute', label: 'Absolute' },
          { value: 'incremental', label: 'Incremental' },
        ]}
        onChange={(distance) => change({ distance })}
      />
      <DialectChoice
        value={machine.habits.dialect}
        onChange={(dialect) => saveMachine(book, { ...machine, habits: { ...machine.habits, dialect } })}
      />
      {unset.length > 0 && (
        <AppText tone="warn" style={{ fontWeight: '700' }}>
          ▲ {unset.map((axis) => axis.toUpperCase()).join(', ')} not set here: the program will use what the control has
          in {form.workOffset}.
        </AppText>
      )}
      {zTool !== undefined && (
        <AppText tone="warn" style={{ fontWeight: '700' }}>
          ▲ {zToolChangedWords(zTool)} Touch it off again in Z & tools, and set Z.
        </AppText>
      )}
      {trouble !== undefined && (
        <View role="alert">
          <AppText tone="bad" style={{ fontWeight: '700' }}>
            {trouble}
          </AppText>
        </View>
      )}
      <Button mode="outlined" onPress={() => void write()} style={{ alignSelf: 'flex-start' }}>
        Write the program
      </Button>
      <AppText kind="note" tone="soft">
        △ {zZeroWords(book) ?? 'Z zero is the part’s top.'} First run above the part, single block, rapids low, hand on
        feed hold. Emergency stop within reach. Your machine’s manual comes first.
      </AppText>
    </View>
  );
}
