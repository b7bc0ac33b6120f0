import { lazyComponent, useFetchAhead } from '../../../../layout/lazyComponent';
import type { Feature } from '@zero-point/core/records/setup/datumPlan';
import { type Reading, isTouch } from '@zero-point/core/records/log/reading';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { featureKey } from '@zero-point/core/datum/feature';
import { agreements } from '@zero-point/core/state/checks/agreements';
import { scaleOf } from '@zero-point/core/state/basis/activeRecords';
import { overwrittenZero } from '@zero-point/core/state/datum/overwrittenZero';
import { subjectKey } from '@zero-point/core/state/basis/subjectKey';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import type { FormView } from '@zero-point/core/messages/datum/formView';
import { Cautions } from '../../../../answer/Cautions';
import { controlResultWords, typedAsName, type TypedAs } from '@zero-point/core/messages/datum/controlResult';
import { Steps } from '../../../../answer/NumberedSteps';
import { Fold } from '../../../../answer/Fold';
import { JogStepField } from '../../../../touch/JogStepField';
import { GaugeStatusLine } from '../../../../touch/GaugeStatusLine';
import { TouchDetail } from '../../../../touch/TouchDetail';
import { TouchSummary } from '../../../../touch/TouchSummary';
import { TouchDock } from '../../../../touch/TouchDock';
import { useTouchPage } from '../../../../touch/useTouchPage';
import { StationFrame } from '../../../../layout/StationFrame';
import { useWide } from '../../../../layout/useLayoutSize';
import { AppText } from '../../../../theme/AppText';
import { logStrike } from '../../../../commands/logTouch';
import type { TypedOrCaptured } from '../../../../commands/typedEntry';
import { AgreementNote } from './AgreementNote';
import { FeelerBetween } from './FeelerBetween';
import { besideFeeler } from '../method/methodView';
import { FeatureDrawing } from './FeatureDrawing';
import { FeatureWays } from './FeatureWays';
import { axisToFind, repeatWords } from '@zero-point/core/messages/gauges/repeatAdvice';
import { untoldSizes } from '@zero-point/core/datum/untoldSizes';
import { AskTolerance } from '../../../../touch/AskTolerance';
import { AskOffset } from '../../../../touch/OffsetChoice';
import type { OverwriteDialogProps } from '../OverwrittenZeroDialog';
import { AskSize } from './AskSize';
import { SlotChips } from './SlotChips';
import { TouchesWith, FinderChoice } from '../method/FinderChoice';
import { checksOf } from '../../view';
import { logSlot, logZeroSet } from './commands';
import { featureView, type FeatureView } from './featureView';

const OverwriteDialog = lazyComponent<OverwriteDialogProps>(() => import('../OverwrittenZeroDialog'));

const FeatureMore = lazyComponent(() => import('./FeatureMore'));

const AHEAD = [FeatureMore];

interface FeaturePageProps {
  book: SetupState;
  feature: Feature;
}

/** Datum with a feature in hand: one touch after another, then its answer. */
export default function FeaturePage({ book, feature }: FeaturePageProps) {
  const router = useRouter();
  const params = useLocalSearchParams();
  const wide = useWide();
  useFetchAhead(AHEAD);
  const [slotId, setSlotId] = useState<string | undefined>(undefined);
  const [choosing, setChoosing] = useState(false);
  const [picking, setPicking] = useState(false);
  const [ticked, setTicked] = useState<readonly string[]>([]);
  const [typedAs, setTypedAs] = useState<TypedAs>('scale');
  const view = featureView(book, feature, slotId);
  const as = view.typedAs.includes(typedAs) ? typedAs : (view.typedAs[0] ?? 'scale');
  const page = useTouchPage(view.key, view.forms);
  const { setup } = book;
  const unit = setup.units;
  const { answer, method, slot } = view;
  const all = useMemo(() => agreements(book), [book]);
  const checks = checksOf(feature, all);
  const disagrees = checks.some(({ explanation }) => !explanation.agrees);
  const lastTouch = view.readings.filter(isTouch).findLast(({ struckBy }) => struckBy === null);
  const control = lastTouch && controlResultWords(book, lastTouch);
  const take = (next: Feature) => {
    setPicking(false);
    setSlotId(undefined);
    router.setParams({
      f: featureKey(
        picking && next.kind === 'round' && feature.kind === 'round'
          ? { kind: 'hole-line', from: feature.of, to: next.of }
          : next,
      ),
    });
  };
  const log = (said: TypedOrCaptured, across = '') => {
    const wrong = logSlot(book, view.slot, view.method, { said, across, as });
    // One face or point after another; repeats of a single face stay where they are.
    if (wrong === undefined && view.slots.length > 1) setSlotId(undefined);
    return wrong;
  };
  const [overwriting, setOverwriting] = useState<FormView | undefined>(undefined);
  const lost = answer && overwrittenZero(book, feature, answer);
  const setBy = (form: FormView) => {
    logZeroSet(book, view.feature, form);
    router.setParams({ f: '' });
  };
  const done = (form: FormView) => (lost ? setOverwriting(form) : setBy(form));
  const gate = method?.cautions.find(({ id, mustTick }) => mustTick && !ticked.includes(id));
  const tick = (id: string) => setTicked((before) => [...before, id]);
  // Once there is an answer, the readings are what must be in sight on a phone.
  const compact = !wide && answer !== undefined && page.showing === 'entry' && !choosing;
  const [untold] = untoldSizes(book.part, setup.partZero, feature, book.datumPlan.known);
  const ask = page.form?.form === 'work-offset' && <AskOffset book={book} />;
  const quiet = choosing || picking || untold !== undefined;
  const touchesWith = (
    <TouchesWith
      method={method}
      assumed={setup.assumed?.includes('finder') ?? false}
      open={choosing}
      onPress={() => setChoosing(!choosing)}
    />
  );
  const choice = choosing && (
    <FinderChoice
      book={book}
      view={view}
      as={as}
      onAs={(one) => {
        setTypedAs(one);
        setChoosing(false);
      }}
      onTaken={() => setChoosing(false)}
    >
      {touchesWith}
    </FinderChoice>
  );

  return (
    <StationFrame
      touch
      at={`${view.key} ${page.showing}`}
      drawing={<FeatureDrawing book={book} view={view} picking={picking} height="fill" onTake={take} />}
      prompt={
        <>
          {untold !== undefined && (
            <AskSize key={untold} book={book} axis={untold} onLater={() => router.setParams({ f: '' })} />
          )}
          {untold === undefined && (
            <AppText kind="sentence" live>
              {picking
                ? 'Choose the other hole. The line to it gives the direction.'
                : page.showing === 'answer'
                  ? answerSentence(view)
                  : compact && feature.kind === 'face'
                    ? `The ${view.name}, ${slot?.ask.way ?? ''}`
                    : view.sentence}
            </AppText>
          )}
          {view.returned !== undefined && (
            <AppText kind="note" tone="good" live>
              ✓ {view.returned}
            </AppText>
          )}
          {!quiet && page.showing === 'entry' && (
            <>{view.slots.length > 1 && <SlotChips slots={view.slots} chosen={slot?.id} onChoose={setSlotId} />}</>
          )}
          {!quiet && !compact && page.showing === 'entry' && view.slots.length === 1 && touchesWith}
          {!quiet && page.showing === 'entry' && (
            <GaugeStatusLine book={book} gaugeId={method?.gauge.id} only="doubtful" />
          )}
          {!quiet && (
            <TouchSummary
              page={page}
              unit={unit}
              readings={view.readings}
              answer={touchAnswer(view)}
              forms={view.forms}
            />
          )}
          {!wide && choice}
          {overwriting && lost && (
            <OverwriteDialog
              book={book}
              name={view.name}
              zero={lost}
              onKept={() => router.setParams({ f: '' })}
              onOverwrite={() => setBy(overwriting)}
              onLeave={() => setOverwriting(undefined)}
            />
          )}
        </>
      }
      detail={
        quiet ? (
          wide && choice
        ) : (
          <>
            {view.problem && (
              <View role="alert">
                <AppText tone="bad" style={{ fontWeight: '700' }}>
                  {view.problem.message}
                </AppText>
              </View>
            )}
            {method?.missing !== undefined && page.showing === 'entry' && (
              <View role="alert">
                <AppText tone="warn" style={{ fontWeight: '700' }}>
                  {method.missing}
                </AppText>
              </View>
            )}
            {control !== undefined && <AppText>{control}</AppText>}
            {checks.map((check) => (
              <AgreementNote key={check.key} book={book} check={check} />
            ))}
            <TouchDetail
              page={page}
              unit={unit}
              tolerance={setup.tolerance}
              readings={view.readings}
              answer={touchAnswer(view)}
              forms={view.forms}
              ask={ask}
              hint={answer && !disagrees ? repeatWords(answer, setup.tolerance, unit) : undefined}
              more={
                answer && (
                  <>
                    <AskTolerance book={book} />
                    <FeatureMore book={book} view={view} answer={answer} disagrees={disagrees} />
                  </>
                )
              }
              {...(view.slots.length > 1 && { titleOf: (reading: Reading) => titleOf(view, reading) })}
              onStrike={(reading, action, reason) => logStrike(book, reading, action, reason)}
              onDone={done}
            />
            {page.showing === 'entry' && (
              <>
                {(compact || view.slots.length > 1) && touchesWith}
                {method && besideFeeler(method.gauge) && <FeelerBetween book={book} />}
                <GaugeStatusLine book={book} gaugeId={method?.gauge.id} only="rest" />
                {method && as === 'scale' && method.facts.contact !== 'centre' && (
                  <JogStepField book={book} gaugeId={method.gauge.id} />
                )}
                <FeatureWays book={book} view={view} onPick={() => setPicking(true)} onTake={take} />
                {method && (
                  <>
                    <Cautions
                      cautions={method.cautions.filter(({ mustTick }) => !mustTick)}
                      ticked={[]}
                      onTick={() => undefined}
                    />
                    <Fold title={`${method.facts.name}: how it is done`}>
                      <View style={{ gap: 4 }}>
                        <Steps steps={method.facts.steps} />
                        {method.facts.speed !== null && <AppText>{method.facts.speed}</AppText>}
                        <AppText kind="note" tone="soft">
                          From the face to the spindle’s axis:{' '}
                          {method.facts.contact === 'centre' ? 'nothing, since ' : ''}
                          {method.facts.radius}.
                        </AppText>
                      </View>
                    </Fold>
                  </>
                )}
              </>
            )}
          </>
        )
      }
      dock={
        quiet || !slot ? null : (
          <TouchDock
            key={`${view.key} ${slot.id}`}
            page={page}
            unit={unit}
            label={
              as === 'scale' ? view.label : `${slot.axis.toUpperCase()}, ${typedAsName(as, view.method?.gauge.kind)}`
            }
            acrossLabel={view.acrossLabel}
            dial={scaleOf(book) === 'dial' && !slot.dial}
            forms={view.forms}
            onLog={log}
            axis={slot.dial || as === 'zero' ? undefined : slot.axis}
            byControl={as === 'result'}
            onTake={log}
            onDone={done}
            ask={ask}
            typed={typeof params.typed === 'string' ? params.typed : ''}
            blocked={method?.missing ?? (gate ? `Tick first: ${gate.text}` : undefined)}
            gate={gate && <Cautions cautions={[gate]} ticked={ticked} onTick={tick} />}
          />
        )
      }
    />
  );
}

function answerSentence({ name, answer }: FeatureView): string {
  const axes = [answer?.x ? 'X' : '', answer?.y ? 'Y' : ''].filter((axis) => axis !== '').join(' and ');
  const open = answer && axisToFind(answer);
  return open
    ? `${axes} of the ${name} is found, ${open} not yet. Set ${axes} one of these ways.`
    : `The ${name} is found. Set ${axes} one of these ways.`;
}

/** The answer as the readings' panel takes it. */
function touchAnswer({ answer }: FeatureView) {
  if (!answer) return undefined;
  const { uncertainty, verdict, tape, readings, wild, repeats } = answer;
  return { readings, wild, result: { uncertainty, verdict, tape, ...(repeats && { repeats }) } };
}

function titleOf({ slots }: FeatureView, reading: Reading): string {
  const slot =
    slots.find(({ readings }) => readings.some(({ id }) => id === reading.id)) ??
    slots.find(
      ({ subject, axis, approach }) =>
        subjectKey(subject) === subjectKey(reading.subject) &&
        reading.on === 'scale' &&
        axis === reading.axis &&
        approach === reading.approach,
    );
  const name = slot?.name ?? 'touch';
  return reading.on === 'scale' ? `${name}, ${reading.axis.toUpperCase()}` : name;
}
