import { STEP_NAMES } from '@zero-point/core/words/names';
import type { ProgramForm } from '@zero-point/core/record/cutPlan';
import type { Pattern } from '@zero-point/core/record/pattern';
import type { Book } from '@zero-point/core/book/book';
import type { Tool } from '@zero-point/core/record/cutter';
import { driveList, type Stop } from '@zero-point/core/book/driveList';
import { stepsOf } from '@zero-point/core/book/holes';
import type { FileHole } from '@zero-point/core/positions/fileHole';
import type { HoleStep } from '@zero-point/core/record/steps';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { Choice } from '../../../frame/Choice';
import { saveFile } from '../../../frame/saveFile';
import { FieldRow } from '../../../keypad/FieldRow';
import { CountField, LengthField, TextField } from '../../../keypad/Fields';
import { Words } from '../../../theme/Words';
import { WorkRefused } from '../../../workers/runWorker';
import { writeHoles } from '../../../workers/holesJob';
import { toolFor } from '@zero-point/core/book/neededTools';
import { orderOf } from './order';
import { logCut } from '../view';

interface ProgramFieldsProps {
  book: Book;
  pattern: Pattern;
}

/** A program to start from. */
const startForm = ({ machine }: Book): ProgramForm => ({
  distance: 'absolute',
  cycles: true,
  workOffset: machine.workOffsets?.[0] ?? 'G54',
  safeZ: 10,
  feedZ: 2,
  feed: 60,
  rpm: Math.min(1000, machine.limits?.mostRpm ?? 1000),
});

/** Holes as a program: one step and tool, in the order they are driven to. */
export function ProgramFields({ book, pattern }: ProgramFieldsProps) {
  const steps = stepsOf(pattern).filter((step) => step !== 'tap');
  const [chosen, setChosen] = useState<HoleStep | undefined>(undefined);
  const [trouble, setTrouble] = useState<string | undefined>(undefined);
  const unit = book.setup.units;
  const form = book.cutPlan.program ?? startForm(book);
  const change = (part: Partial<ProgramForm>) => logCut(book, { program: { ...form, ...part } });
  const step = steps.find((one) => one === chosen) ?? steps[0];
  const write = async () => {
    setTrouble(undefined);
    if (!step) return;
    try {
      const stops = driveList(book, orderOf(book, pattern.id), pattern.id).filter((stop) => stop.step === step);
      const text = await writeHoles({
        kind: 'write-program',
        job: {
          title: book.setup.name,
          holes: stops.map(asFileHole),
          step,
          unit,
          form,
          tool: toolOf(book.tools, stops)?.number,
          spot: step === 'spot' ? toolOf(book.tools, stops)?.diameter : undefined,
        },
      }).result;
      if (text !== undefined) saveFile(text, 'text/plain', `${book.setup.id}-${step}.nc`);
    } catch (error) {
      setTrouble(error instanceof WorkRefused ? error.message : 'The program could not be written here. Try again.');
    }
  };
  return (
    <View style={{ gap: 12 }}>
      {steps.length > 1 && step && (
        <Choice
          label="Step"
          value={step}
          options={steps.map((one) => ({ value: one, label: STEP_NAMES[one] }))}
          onChange={setChosen}
        />
      )}
      <Choice
        label="Coordinates"
        value={form.distance}
        options={[
          { value: 'absolute', label: 'Absolute' },
          { value: 'incremental', label: 'Incremental' },
        ]}
        onChange={(distance) => change({ distance })}
      />
      <Choice
        label="Each hole by"
        value={form.cycles ? 'cycles' : 'moves'}
        options={[
          { value: 'cycles', label: 'A drilling cycle' },
          { value: 'moves', label: 'Plain moves' },
        ]}
        onChange={(how) => change({ cycles: how === 'cycles' })}
      />
      <FieldRow>
        <LengthField
          label="Safe height"
          unit={unit}
          value={form.safeZ}
          onCommit={(safeZ) => change({ safeZ })}
          check={(mm) => (mm >= form.feedZ ? undefined : 'At least where feeding begins.')}
        />
        <LengthField
          label="Feed begins at"
          unit={unit}
          value={form.feedZ}
          onCommit={(feedZ) => change({ feedZ })}
          check={(mm) => (mm > 0 && mm <= form.safeZ ? undefined : 'Over 0, at most the safe height.')}
        />
      </FieldRow>
      <FieldRow>
        <CountField
          label="Feed, mm/min"
          value={form.feed}
          onCommit={(feed) => change({ feed })}
          check={(n) => (n > 0 && n <= 20_000 ? undefined : 'From 1 to 20000.')}
        />
        <CountField
          label="Speed, rev/min"
          value={form.rpm}
          onCommit={(rpm) => change({ rpm })}
          check={(n) => (n > 0 && n <= 60_000 ? undefined : 'From 1 to 60000.')}
        />
      </FieldRow>
      <TextField
        label="Work offset"
        value={form.workOffset}
        onCommit={(workOffset) => change({ workOffset })}
        check={(name) => (/^[A-Za-z0-9. ]{1,12}$/.test(name) ? undefined : 'As the controller calls it, as G54.')}
      />
      {trouble !== undefined && (
        <View role="alert">
          <Words tone="bad" style={{ fontWeight: '700' }}>
            {trouble}
          </Words>
        </View>
      )}
      <Button mode="outlined" onPress={() => void write()} style={{ alignSelf: 'flex-start' }}>
        Write the program
      </Button>
      <Words kind="note" tone="soft">
        △ Z zero is the part’s top. First run above the part with a hand on stop; your machine’s manual comes first.
      </Words>
    </View>
  );
}

const asFileHole = ({ target, diameter, depth, pattern, hole }: Stop): FileHole => ({
  ...target,
  diameter,
  ...(depth !== undefined && { depth }),
  group: pattern.name,
  hole,
});

const toolOf = (tools: readonly Tool[], [first]: readonly Stop[]): Tool | undefined => first && toolFor(tools, first);
