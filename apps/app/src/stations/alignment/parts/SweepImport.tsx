import type { AlignmentOf } from '@zero-point/core/records/setup/alignment';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { Refusal } from '@zero-point/core/problem/problem';
import { indicatorUseOf } from '@zero-point/core/state/alignment/taskAnswer';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { useState } from 'react';
import { View } from 'react-native';
import { uuidv7 } from 'uuidv7';
import { readText } from '../../../files/readText';
import { FilePicker } from '../../../files/FilePicker';
import { UnitChoice } from '../../../controls/UnitChoice';
import { Button } from 'react-native-paper';
import { AppText } from '../../../theme/AppText';
import { WorkRefused } from '../../../workers/runWorker';
import { runSweep, type SweepAnswer } from '../../../workers/sweepJob';
import { logRow } from '../../../commands/logEntry';
import { ResidualPlot } from './ResidualPlot';

interface SweepImportProps {
  book: SetupState;
  alignment: AlignmentOf<'centre'>;
  /** The pass the sweep will be. */
  pass: number;
}

/** Two thousand lines, and some. */
const LARGEST = 1_000_000;

type State =
  | { kind: 'idle' }
  | { kind: 'working'; name: string }
  | { kind: 'answered'; name: string; text: string; answer: SweepAnswer }
  | { kind: 'refused'; name: string; text: string; message: string };

/** A sweep of many readings from a file: read and fitted in a worker, looked at, then kept in the log. */
export function SweepImport({ book, alignment, pass }: SweepImportProps) {
  const [unit, setUnit] = useState<LengthUnit>(book.setup.units);
  const [state, setState] = useState<State>({ kind: 'idle' });

  const fit = async (name: string, text: string, as: LengthUnit) => {
    setState({ kind: 'working', name });
    const { feature, allowed } = alignment;
    const indicator = indicatorUseOf(book, alignment);
    try {
      const answer = await runSweep({ text, unit: as, feature, indicator, allowed }).result;
      if (answer) setState({ kind: 'answered', name, text, answer });
    } catch (error) {
      const message =
        error instanceof WorkRefused ? error.message : 'The file could not be worked on. Choose it again.';
      setState({ kind: 'refused', name, text, message });
    }
  };
  const pick = async (file: File) => {
    try {
      await fit(file.name, await readText(file, LARGEST), unit);
    } catch (error) {
      if (!(error instanceof Refusal)) throw error;
      setState({ kind: 'refused', name: file.name, text: '', message: error.message });
    }
  };
  const keep = ({ name }: { name: string }, points: { angle: number; reading: number }[]) => {
    logRow({
      kind: 'sweep',
      setupId: book.setup.id,
      body: { id: uuidv7(), pass, name: name.slice(0, 80), points, at: new Date().toISOString() },
    });
    setState({ kind: 'idle' });
  };

  return (
    <View style={{ gap: 10 }}>
      <AppText tone="soft">
        A CSV file with the columns angle (degrees) and reading; up to 2000 lines. A column named reading_mm or
        reading_in says its own unit.
      </AppText>
      <UnitChoice
        label="Readings without a unit are"
        value={unit}
        onChange={(as) => {
          setUnit(as);
          if (state.kind === 'answered' || (state.kind === 'refused' && state.text !== ''))
            void fit(state.name, state.text, as);
        }}
      />
      <FilePicker
        label="Choose a file"
        what="Sweep from a file"
        accept=".csv,text/csv,text/plain"
        onPick={(file) => void pick(file)}
      />
      {state.kind === 'working' && (
        <View role="status">
          <AppText tone="soft">Fitting {state.name}</AppText>
        </View>
      )}
      {state.kind === 'answered' && (
        <View style={{ gap: 8 }}>
          <AppText>
            {state.answer.points.length} readings from {state.name}. What the fit leaves:
          </AppText>
          <ResidualPlot residuals={state.answer.result.residuals} unit={book.setup.units} />
          <Button mode="contained" onPress={() => keep(state, state.answer.points)}>
            Keep it as pass {pass}
          </Button>
        </View>
      )}
      {state.kind === 'refused' && (
        <View role="alert">
          <AppText tone="bad" style={{ fontWeight: '700' }}>
            {state.message}
          </AppText>
        </View>
      )}
    </View>
  );
}
