import type { Book } from '@zero-point/core/book/book';
import { thicknessOf } from '@zero-point/core/book/gaugeUse';
import type { TableAnswer } from '@zero-point/core/book/toolTable';
import { spotFigure } from '@zero-point/core/book/spotFigure';
import { zZeroAnswer } from '@zero-point/core/book/subjects/heights';
import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { Choice } from '../../../frame/Choice';
import { Words } from '../../../theme/Words';

interface AtEveryChangeProps {
  book: Book;
  table: TableAnswer;
}

/** A change of tools in the middle of a job, step by step: touch the same spot, and make Z show there what it showed with the tool before. */
export function AtEveryChange({ book, table }: AtEveryChangeProps) {
  const router = useRouter();
  const others = table.rows.filter(({ isReference }) => !isReference);
  const [chosen, setChosen] = useState<number | undefined>(undefined);
  const row =
    others.find(({ number }) => number === chosen) ?? others.find(({ length }) => length === null) ?? others[0];
  if (!row) return <Words>Add another tool in Shop first.</Words>;
  const { setup, gauges } = book;
  const format = { unit: setup.units };
  const gauge = gauges.find(({ id }) => id === setup.heightGaugeId);
  const spot = gauge ? `${gauge.name} (${formatLengthUnit(thicknessOf(gauge), format)})` : 'the gauge';
  const { number, length } = row;
  const touched = length !== null;
  const zero = zZeroAnswer(book);
  // Before this tool has touched: what the reference was set by, where it was this very gauge.
  const sameGauge = zero?.readings.at(-1)?.gaugeId === setup.heightGaugeId;
  const figure = spotFigure(book, number) ?? (zero && sameGauge ? zero.result.setZ : undefined);
  const setTo = figure !== undefined ? formatLengthUnit(figure, format) : 'what it showed there with the tool before';
  const clip = gauge?.kind === 'touch-plate';
  return (
    <View style={{ gap: 10 }}>
      {others.length > 1 && (
        <Choice
          label="Which tool goes in"
          value={String(number)}
          options={others.map((one) => ({ value: String(one.number), label: `T${one.number}` }))}
          onChange={(value) => setChosen(Number(value))}
        />
      )}
      <View role="list" aria-label="The change, step by step" style={{ gap: 8 }}>
        <Step done={touched}>{`1. Spindle stopped. Raise the tool clear, and put tool ${number} in.`}</Step>
        <Step
          done={touched}
        >{`2. ${clip ? 'Clip on and tried by hand. ' : ''}Touch the same spot with it: ${spot}, where tool ${setup.referenceTool} touched.`}</Step>
        <Step
          done={false}
        >{`3. While it still touches, set Z to ${setTo}. Nothing to add, no sign to get wrong.`}</Step>
        <Step
          done={false}
        >{`4. ${clip ? 'Clip and plate' : 'Gauge'} off before the spindle turns. ${repeatWords(book)}`}</Step>
      </View>
      <Button
        mode="outlined"
        onPress={() => router.setParams({ tool: String(number), show: 'touching' })}
        style={{ alignSelf: 'flex-start' }}
      >
        {touched ? `Touch again with tool ${number}` : `Touch with tool ${number}`}
      </Button>
    </View>
  );
}

/** How well this spot has repeated over the whole log. */
function repeatWords({ repeatability, setup }: Book): string {
  const own = repeatability.find(({ gaugeId }) => gaugeId === setup.heightGaugeId);
  return own
    ? `This gauge repeats to ${formatLengthUnit(own.sd, { unit: setup.units })} by ${own.readings} readings in the log.`
    : 'Touch twice at a change: the log then tells how well this spot repeats.';
}

function Step({ done, children }: { done: boolean; children: string }) {
  return (
    <View role="listitem">
      <Words tone={done ? 'soft' : 'ink'}>
        {done ? '✓ ' : ''}
        {children}
      </Words>
    </View>
  );
}
