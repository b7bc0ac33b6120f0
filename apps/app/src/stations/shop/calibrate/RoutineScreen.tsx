import { Refusal } from '@zero-point/core/problem/problem';
import { compareWithPrevious } from '@zero-point/core/routines/compareWithPrevious';
import {
  calibratedOf,
  startOfNeeds,
  type Routine,
  type RoutineAsk,
  type RoutineResult,
  type RoutineState,
  type RoutineSubject,
} from '@zero-point/core/routines/routine';
import { parseLength } from '@zero-point/core/units/parseLength';
import { formatLength } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { capitalize } from '@zero-point/core/messages/basis/grammar';
import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import type { Shop } from '../../../api/queries';
import { Cautions } from '../../../answer/Cautions';
import { ReadingDock } from '../../../touch/ReadingDock';
import { MainAction } from '../../../controls/MainAction';
import { StationFrame } from '../../../layout/StationFrame';
import { logCalibration } from '../../../commands/calibrate';
import { Figure, AppText } from '../../../theme/AppText';
import { draftsOf, useDrafts, type Draft } from '../../../stores/routineDrafts';
import { RoutineDrawing } from './RoutineDrawing';
import { RoutineNeeds } from './RoutineNeeds';
import { RoutineResultView } from './RoutineResult';
import { calibrationsOf } from './subject';

interface RoutineScreenProps {
  routine: Routine;
  subject: RoutineSubject;
  /** The name of what is qualified, where the page is not called by it. */
  name?: string | undefined;
  shop: Pick<Shop, 'gauges' | 'machines' | 'calibrations'>;
  unit: LengthUnit;
  /** The lesson it is a part of, which keeps what is found to itself; the shop's where there is none. */
  shownIn?: string;
}

const EMPTY: Draft = { told: {}, readings: {}, at: -1 };

/** A guided routine: what it needs, one question after another, and what comes of it. */
export function RoutineScreen({ routine, subject, name, shop, unit, shownIn }: RoutineScreenProps) {
  const router = useRouter();
  const title = name === undefined ? routine.title : `${routine.title} · ${name}`;
  const key = `${shownIn === undefined ? '' : draftsOf(shownIn)}${routine.name} ${Object.values(calibratedOf(subject)).join(' ')}`;
  const draft = useDrafts((state) => state.drafts[key]) ?? EMPTY;
  const setDraft = useDrafts((state) => state.set);
  const things = { gauges: shop.gauges, machines: shop.machines };
  const needs = routine.needs({ subject, gauges: shop.gauges, told: draft.told });
  const told = { ...startOfNeeds(needs, things), ...draft.told };
  const state: RoutineState = { subject, ...things, unit, told, readings: draft.readings };
  const put = (change: Partial<Draft>) => setDraft(key, { ...draft, told, ...change });
  const asked = attempt(() => routine.asks(state));
  const asks = Array.isArray(asked) ? asked : [];
  const ask = asks[draft.at];
  const leave = () => router.setParams({ do: '' });

  if (ask) {
    return (
      <Question
        ask={ask}
        title={title}
        place={{ at: draft.at + 1, of: asks.length }}
        readings={draft.readings[ask.key] ?? []}
        unit={unit}
        onReadings={(readings, on = 0) =>
          put({ readings: { ...draft.readings, [ask.key]: readings }, at: draft.at + on })
        }
        onBack={() => put({ at: draft.at - 1 })}
        onNext={() => put({ at: draft.at + 1 })}
        last={draft.at === asks.length - 1}
      />
    );
  }
  const finished = asks.length > 0 && draft.at >= asks.length;
  const direct = Array.isArray(asked) && asks.length === 0;
  const result = finished || direct ? attempt(() => routine.result(state)) : undefined;
  const keep = (found: RoutineResult) => {
    logCalibration(calibratedOf(subject), found, routine.title, draft.readings, shownIn);
    setDraft(key, undefined);
    leave();
  };
  return (
    <StationFrame
      drawing={null}
      prompt={
        <>
          <AppText kind="note" tone="soft">
            {title}
          </AppText>
          <AppText kind="sentence" live>
            {finished ? 'This is the result. Save it, or do it again.' : `${capitalize(routine.about)}.`}
          </AppText>
          {typeof asked === 'string' && <Trouble words={asked} />}
        </>
      }
      detail={
        <>
          {!finished && (
            <RoutineNeeds
              needs={needs}
              state={state}
              onTell={(need, value) => put({ told: { ...told, [need]: value } })}
            />
          )}
          {typeof result === 'string' && <Trouble words={result} />}
          {result !== undefined && typeof result !== 'string' && (
            <RoutineResultView
              result={result}
              unit={unit}
              against={compareWithPrevious(subject, result, calibrationsOf(subject, shop), unit)}
            />
          )}
          {finished && (
            <View style={styles.buttons}>
              <Button mode="outlined" onPress={() => put({ at: asks.length - 1 })}>
                Back to the last step
              </Button>
              <Button mode="outlined" onPress={() => put({ at: 0, readings: {} })}>
                Start again
              </Button>
            </View>
          )}
        </>
      }
      dock={
        result !== undefined && typeof result !== 'string' ? (
          <MainAction label={direct ? 'Save what I saw' : 'Keep it'} onPress={() => keep(result)} />
        ) : finished || typeof asked === 'string' ? null : (
          <MainAction label="Begin" onPress={() => put({ at: 0 })} />
        )
      }
    />
  );
}

interface QuestionProps {
  ask: RoutineAsk;
  title: string;
  place: { at: number; of: number };
  readings: readonly number[];
  unit: LengthUnit;
  /** Keeps them, and goes on by so many questions. */
  onReadings: (readings: number[], on?: number) => void;
  onBack: () => void;
  onNext: () => void;
  last: boolean;
}

/** A line of what was read stays in sight beneath the question, px. */
const READ = 40;

/** One question with its drawing, its readings and the keypad. */
function Question({ ask, title, place, readings, unit, onReadings, onBack, onNext, last }: QuestionProps) {
  const log = (text: string) => {
    const read = parseLength(text, unit);
    if (!read.ok) return read.message;
    const all = [...readings, read.mm];
    // As many as make it good: the next question follows by itself.
    onReadings(all, all.length === ask.good ? 1 : 0);
    return undefined;
  };
  const enough = readings.length >= ask.least;
  return (
    <StationFrame
      touch
      peek={READ}
      drawing={<RoutineDrawing picture={ask.picture} label={ask.say} />}
      prompt={
        <>
          <AppText kind="note" tone="soft">
            {title} · {place.at} of {place.of}
          </AppText>
          <AppText kind="sentence" live>
            {ask.say}
          </AppText>
        </>
      }
      detail={
        <>
          <View style={styles.readings}>
            <AppText kind="note" tone="soft">
              {readings.length === 0
                ? ask.good === 1
                  ? 'One reading.'
                  : `${ask.least === 1 ? 'One reading does' : `${ask.least} readings do`}, ${ask.good} make it good.`
                : `${readings.length} of ${ask.good}, ${unit}`}
            </AppText>
            {readings.map((mm, i) => (
              <Figure key={i} size={17}>
                {formatLength(mm, { unit })}
              </Figure>
            ))}
          </View>
          <View style={styles.buttons}>
            {readings.length > 0 && (
              <Button mode="outlined" onPress={() => onReadings(readings.slice(0, -1))}>
                Take the last one back
              </Button>
            )}
            <Button mode="text" onPress={onBack}>
              {place.at === 1 ? 'What to do it with' : 'Previous step'}
            </Button>
          </View>
          {ask.cautions && (
            <Cautions
              cautions={ask.cautions.map((caution) => ({ ...caution, mustTick: false }))}
              ticked={[]}
              onTick={() => undefined}
            />
          )}
        </>
      }
      dock={
        <ReadingDock
          label={ask.label}
          unit={unit}
          onLog={log}
          next={enough ? { label: last ? 'Show the result' : 'Next step', onPress: onNext } : undefined}
        />
      }
    />
  );
}

const Trouble = ({ words }: { words: string }) => (
  <View role="alert">
    <AppText tone="bad" style={styles.strong}>
      {words}
    </AppText>
  </View>
);

/** The answer, or why there is none. */
function attempt<T>(work: () => T): T | string {
  try {
    return work();
  } catch (error) {
    if (error instanceof Refusal) return error.message;
    throw error;
  }
}

const styles = StyleSheet.create({
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  readings: { flexDirection: 'row', flexWrap: 'wrap', gap: 10, alignItems: 'baseline' },
  strong: { fontWeight: '700' },
});
