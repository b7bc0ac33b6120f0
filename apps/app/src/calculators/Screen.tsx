import { midSentence } from '@zero-point/core/messages/basis/grammar';
import { runCalculator, type Calculator } from '@zero-point/core/calculators/form';
import { calculatorNamed } from '@zero-point/core/calculators/list';
import { useLocalSearchParams } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { Budget } from '../answer/Budget';
import { Cautions } from '../answer/Cautions';
import { Fold } from '../answer/Fold';
import { MainAction } from '../controls/MainAction';
import { OutboxLine } from '../delivery/OutboxLine';
import { StationFrame } from '../layout/StationFrame';
import { TroubleNotice } from '../layout/States';
import { TopBar } from '../layout/TopBar';
import { UnitSwitch } from '../controls/UnitSwitch';
import { useKeyHeight, useWide } from '../layout/useLayoutSize';
import { FieldBox } from '../keypad/FieldBox';
import { Keypad } from '../keypad/Keypad';
import { LengthEntry } from '../keypad/LengthEntry';
import { useSettings } from '../stores/settings';
import { WorkingStrip } from '../working/WorkingStrip';
import { useLook } from '../theme/useLook';
import { Figure, AppText } from '../theme/AppText';
import { CalculatorDrawing } from './parts/CalculatorDrawing';
import { CarryDialog } from './parts/CarryDialog';
import { FieldRows } from './parts/FieldRows';
import { logCalculation } from './commands';
import { filledFields, keypadFields, nextEmpty, verdictOf } from './view';

/** A field, or the next line of the answer, stands under the first. */
const PEEK = 84;

const BACK = { to: '/at-once', label: 'Back to the calculators' } as const;

/** One calculation without a setup: drawing, fields, keypad, answer with its ±, tape. */
export default function AtOnceScreen() {
  const { name } = useLocalSearchParams();
  const { palette } = useLook();
  const units = useSettings((state) => state.units);
  const calculation = calculatorNamed(name);
  return (
    <View style={[styles.page, { backgroundColor: palette.ground }]}>
      <TopBar title={calculation?.title ?? 'Calculators'} back={BACK}>
        <UnitSwitch />
      </TopBar>
      <OutboxLine />
      <View role="main" style={styles.page}>
        {calculation ? (
          <Reckoning key={`${calculation.name} ${units}`} calculation={calculation} />
        ) : (
          <TroubleNotice title="No such calculator" detail="Go back and choose from the list." />
        )}
      </View>
    </View>
  );
}

function Reckoning({ calculation }: { calculation: Calculator }) {
  const unit = useSettings((state) => state.units);
  const wide = useWide();
  const keyHeight = useKeyHeight();
  const [typed, setTyped] = useState<Record<string, string>>({});
  const { fields, values } = filledFields(calculation, typed, unit);
  const [chosen, setChosen] = useState(() => nextEmpty(fields, values, undefined)?.key ?? keypadFields(fields)[0]?.key);
  const [allows, setAllows] = useState('');
  const [kept, setKept] = useState('');
  const [carrying, setCarrying] = useState(false);
  const [tried, setTried] = useState(false);
  const key = JSON.stringify(values);
  const found = useMemo(
    () => runCalculator(calculation, JSON.parse(key) as Record<string, string>, unit),
    [calculation, key, unit],
  );
  const answer = found.ok ? found.answer : undefined;
  const field = keypadFields(fields).find((one) => one.key === chosen);
  const change = (at: string, text: string) => {
    setTyped((before) => ({ ...before, [at]: text }));
    setTried(false);
  };
  const next = nextEmpty(fields, values, chosen);
  const wrong =
    !found.ok && (tried || (found.field === chosen && (values[found.field] ?? '') !== '')) ? found : undefined;
  const keep = () => {
    if (!answer) return;
    logCalculation(calculation.name, unit, values, answer);
    setKept(key);
  };
  const go = () => {
    if (next && next.key !== chosen) setChosen(next.key);
    else if (answer) keep();
    else {
      setTried(true);
      if (!found.ok && keypadFields(fields).some((one) => one.key === found.field)) setChosen(found.field);
    }
  };
  const [first, ...others] = answer?.lines ?? [];
  const verdict = answer && verdictOf(answer, allows, unit);
  const action =
    next && next.key === chosen
      ? `Enter ${midSentence(next.label)}`
      : next
        ? `Go to ${midSentence(next.label)}`
        : kept === key && kept !== ''
          ? 'Kept in the log'
          : 'Keep in the log';
  const list = (
    <FieldRows fields={fields} values={values} unit={unit} chosen={chosen} onChoose={setChosen} onChange={change} />
  );
  return (
    <>
      <StationFrame
        touch
        peek={PEEK}
        drawing={
          <CalculatorDrawing
            spec={answer?.drawing ?? calculation.before?.(values)}
            label={`${calculation.title}, ${answer ? 'as it is typed' : 'how it is done'}`}
            unit={unit}
          />
        }
        prompt={
          first ? (
            <View aria-live="polite" style={styles.first}>
              <AppText kind="sentence">{first.say}</AppText>
              <View style={styles.figure}>
                <Figure size={28}>{first.figure}</Figure>
                <Figure size={16} tone="soft">
                  {first.plusMinus ?? first.unit}
                </Figure>
              </View>
            </View>
          ) : (
            <AppText kind="sentence" live>
              {wrong ? wrong.message : `${calculation.title}: ${calculation.about}.`}
            </AppText>
          )
        }
        detail={
          <>
            {others.map(({ say, figure, unit: of, plusMinus }) => (
              <View key={say} style={styles.line}>
                <AppText>{say}</AppText>
                <View style={styles.figure}>
                  <Figure size={20}>{figure}</Figure>
                  <Figure size={15} tone="soft">
                    {plusMinus ?? of}
                  </Figure>
                </View>
              </View>
            ))}
            {answer?.notes.map((note) => (
              <AppText key={note}>{note}</AppText>
            ))}
            {list}
            {answer?.uncertainty ? (
              <>
                <FieldBox label={`This job allows, ±, ${unit}`} value={allows} onChange={setAllows} />
                {verdict && (
                  <AppText
                    kind="strong"
                    tone={verdict.verdict === 'good' ? 'good' : verdict.verdict === 'marginal' ? 'warn' : 'bad'}
                  >
                    {verdict.words}
                  </AppText>
                )}
              </>
            ) : (
              answer?.exact !== undefined && (
                <AppText kind="note" tone="soft">
                  No ± for this result: {answer.exact.charAt(0).toLowerCase() + answer.exact.slice(1)}
                </AppText>
              )
            )}
            {answer && (
              <>
                <Fold title="Show the working" open={wide}>
                  <WorkingStrip tape={answer.tape} unit={unit} />
                </Fold>
                {answer.uncertainty && (
                  <Fold title="What makes up the ±">
                    <Budget uncertainty={answer.uncertainty} unit={unit} />
                  </Fold>
                )}
                <Cautions
                  cautions={answer.cautions.map((one) => ({ ...one, mustTick: false }))}
                  ticked={[]}
                  onTick={() => undefined}
                />
                {answer.carry && (
                  <Button mode="outlined" onPress={() => setCarrying(true)} style={styles.carry}>
                    Use in a setup
                  </Button>
                )}
              </>
            )}
          </>
        }
        dock={
          <View style={styles.dock}>
            {field && (
              <LengthEntry
                label={field.label}
                unit={field.kind === 'length' ? unit : undefined}
                beside={field.kind === 'length' ? unit : (field.unit ?? '')}
                text={values[field.key] ?? ''}
                onChange={(text) => change(field.key, text)}
                onSubmit={go}
                error={wrong && wrong.field === field.key ? wrong.message : undefined}
                ownKeypad={!wide}
              />
            )}
            {!wide && field && (
              <Keypad
                text={values[field.key] ?? ''}
                onChange={(text) => change(field.key, text)}
                keyHeight={keyHeight}
              />
            )}
            <MainAction label={action} onPress={go} />
          </View>
        }
      />
      {carrying && answer?.carry && <CarryDialog carry={answer.carry} onLeave={() => setCarrying(false)} />}
    </>
  );
}

const styles = StyleSheet.create({
  page: { flex: 1, minHeight: 0 },
  first: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'baseline', columnGap: 10 },
  line: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'baseline', columnGap: 10 },
  // A figure never stands apart from its unit.
  figure: { flexDirection: 'row', alignItems: 'baseline', columnGap: 10, flexShrink: 1 },
  dock: { gap: 6 },
  carry: { alignSelf: 'flex-start' },
});
