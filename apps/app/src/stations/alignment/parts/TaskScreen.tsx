import { TASK_TITLES } from '@zero-point/core/messages/basis/labels';
import type { Alignment } from '@zero-point/core/records/setup/alignment';
import { cautionsBefore, cautionsOfMoving } from '@zero-point/core/state/alignment/cautions';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { formatLength } from '@zero-point/core/units/formatLength';
import { parseLength } from '@zero-point/core/units/parseLength';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { useWindowDimensions, View } from 'react-native';
import { Button } from 'react-native-paper';
import { Budget } from '../../../answer/Budget';
import { GaugeStatusLine } from '../../../touch/GaugeStatusLine';
import { Cautions } from '../../../answer/Cautions';
import { Fold } from '../../../answer/Fold';
import type { TypedOrCaptured } from '../../../commands/typedEntry';
import { ReadingDock } from '../../../touch/ReadingDock';
import { ReadingList } from '../../../touch/ReadingList';
import { Steps } from '../../../answer/NumberedSteps';
import { StationFrame } from '../../../layout/StationFrame';
import { useLayoutSize, useShort } from '../../../layout/useLayoutSize';
import { IndicatorDial } from '../../../indicator/IndicatorDial';
import { WorkingStrip } from '../../../working/WorkingStrip';
import { AppText } from '../../../theme/AppText';
import { logStrike } from '../../../commands/logTouch';
import { AdviceView } from './AdviceView';
import { Config } from './Config';
import { PassActions } from './PassActions';
import { PassChart } from './PassChart';
import { ResidualPlot } from './ResidualPlot';
import { SweepImport } from './SweepImport';
import { TaskDrawing } from './TaskDrawing';
import { alignmentView } from '../view';
import { saveAlignment, logPlace } from '../commands';
import { isPlug, placeTitle, indicatorToolWords } from '@zero-point/core/messages/alignment/place';
import { passComparisonText } from '@zero-point/core/messages/alignment/passComparison';
import { alignmentSteps, MAKING_PLUG } from '@zero-point/core/messages/alignment/steps';

interface TaskScreenProps {
  book: SetupState;
  alignment: Alignment;
}

/** What an answer's figures take beneath its sentence: the drawing gives way to them, px. */
const FIGURES = 132;

/** Lower than this the dial is small, px. */
const LOW = 760;

/** One thing lined up: read place by place, told what to move, read again until it is proven in line. */
export default function TaskScreen({ book, alignment }: TaskScreenProps) {
  const router = useRouter();
  const shape = useLayoutSize();
  const wide = shape === 'wide';
  const { height } = useWindowDimensions();
  // A low page keeps the sentence whole; the dial gives way.
  const short = useShort();
  const params = useLocalSearchParams();
  const [again, setAgain] = useState<number | undefined>(undefined);
  const [text, setText] = useState('');
  const [ticked, setTicked] = useState<readonly string[]>([]);
  const asked = /^\d{1,4}$/.test(String(params.pass)) ? Number(params.pass) : undefined;
  const view = alignmentView(book, alignment, asked, again);
  const { pass, advice, place, dial } = view;
  const unit = book.setup.units;
  const read = parseLength(text, unit);
  // What must be ticked stands where the keypad will be, until it is.
  const before = pass.readings.length === 0 ? cautionsBefore(book, alignment) : [];
  const unticked = before.filter(({ id, mustTick }) => mustTick && !ticked.includes(id));

  const log = (said: TypedOrCaptured) => {
    const wrong = logPlace(book, view, said, ticked);
    if (wrong === undefined) setAgain(undefined);
    return wrong;
  };
  const nextPass = () => {
    setAgain(undefined);
    router.setParams({ pass: String(pass.pass + 1) });
  };
  // A plug is proven by a sweep, in a pass of its own: bolting moves things.
  const onWord = isPlug(alignment) && alignment.confirmTir === null && place === undefined;
  const sweepIt = () => {
    if (isPlug(alignment)) saveAlignment(book, { ...alignment, school: 'sweep' });
    nextPass();
  };
  const leave = () => router.setParams({ task: '', pass: '' });
  const carry = (carriedPass: number | null) => {
    if (alignment.task === 'skew') saveAlignment(book, { ...alignment, carriedPass });
  };
  const carried = alignment.task === 'skew' && alignment.carriedPass === pass.pass;
  const skewed = pass.answer?.task === 'skew' ? pass.answer.result : undefined;

  // A part's skew is touched with the finder, a plug sits by itself, all else is read on the indicator.
  const touchedWith =
    alignment.task === 'skew'
      ? book.setup.finderId
      : alignment.task === 'centre' && alignment.school === 'plug'
        ? (alignment.plugId ?? undefined)
        : alignment.indicatorId;
  return (
    <StationFrame
      touch
      {...(place === undefined && { peek: FIGURES })}
      drawing={<TaskDrawing book={book} view={view} height="fill" />}
      prompt={
        <View style={{ gap: 8 }}>
          <View style={{ flexDirection: 'row', gap: 12, alignItems: 'center' }}>
            {dial && place !== undefined && !(short && shape === 'upright') && (
              <IndicatorDial
                face={dial}
                unit={unit}
                size={wide ? 190 : height < LOW ? 88 : 142}
                value={read.ok ? read.mm : undefined}
                onChange={(mm) => setText(formatLength(mm, { unit, plus: true }).replace('−', '-'))}
              />
            )}
            <View style={{ flex: 1, gap: 4 }}>
              <AppText kind="note" tone="soft">
                {TASK_TITLES[alignment.task]} · pass {pass.pass}
                {place === undefined ? '' : ` · ${view.places.indexOf(place) + 1} of ${view.places.length}`}
              </AppText>
              <AppText kind="sentence" live>
                {view.question ?? pass.refusal?.message ?? advice?.sentence ?? ''}
              </AppText>
              {place === undefined && view.since !== undefined && (
                <AppText tone="warn" style={{ fontWeight: '700' }}>
                  {passComparisonText(view.since, alignment.task)}
                </AppText>
              )}
              {pass.readings.length === 0 && <AppText kind="note">{indicatorToolWords(book, alignment)}</AppText>}
              {place !== undefined && <GaugeStatusLine book={book} gaugeId={touchedWith} only="doubtful" />}
            </View>
          </View>
          {unticked.length === 0 && before.length > 0 && (
            <Cautions cautions={before.filter(({ mustTick }) => !mustTick)} ticked={[]} onTick={() => undefined} />
          )}
        </View>
      }
      detail={
        <>
          {advice && place === undefined && (
            <>
              <AdviceView advice={advice} allowed={alignment.allowed} unit={unit} />
              {pass.answer && advice.state !== 'within' && (
                <Cautions
                  cautions={cautionsOfMoving(book, alignment, pass.answer)}
                  ticked={[]}
                  onTick={() => undefined}
                />
              )}
              {pass.answer?.task === 'centre' &&
                pass.answer.school === 'sweep' &&
                pass.answer.result.residuals.length > 8 && (
                  <ResidualPlot residuals={pass.answer.result.residuals} unit={unit} />
                )}
            </>
          )}
          {view.history.length > 0 && <PassChart history={view.history} allowed={alignment.allowed} unit={unit} />}
          {pass.readings.length > 0 && (
            <ReadingList
              readings={pass.readings}
              wild={[]}
              unit={unit}
              titleOf={({ subject }) =>
                subject.kind === 'alignment' ? placeTitle(alignment, subject.place, unit) : ''
              }
              onStrike={(reading, action, reason) => logStrike(book, reading, action, reason)}
            />
          )}
          {place === undefined && pass.readings.length > 0 && (
            <View style={{ gap: 6 }}>
              <AppText kind="note" tone="soft">
                Read a place once more:
              </AppText>
              <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
                {view.places.map((one) => (
                  <Button mode="outlined" key={one} onPress={() => setAgain(one)}>
                    {placeTitle(alignment, one, unit)}
                  </Button>
                ))}
              </View>
            </View>
          )}
          {advice && (
            <>
              <Fold title="Show the working" open={wide}>
                <WorkingStrip tape={advice.tape} unit={unit} />
              </Fold>
              <Fold title="What makes up the ±">
                <Budget uncertainty={advice.uncertainty} unit={unit} />
              </Fold>
            </>
          )}
          {alignment.task === 'centre' && alignment.school === 'sweep' && (
            <Fold title="Read a sweep from a file">
              <SweepImport
                book={book}
                alignment={alignment}
                pass={pass.readings.length === 0 && !pass.answer ? pass.pass : pass.pass + 1}
              />
            </Fold>
          )}
          <Fold title="How it is done">
            <Steps steps={alignmentSteps(alignment)} />
            {isPlug(alignment) && <AppText tone="soft">{MAKING_PLUG}</AppText>}
          </Fold>
          <Fold title="How it is read">
            <Config book={book} alignment={alignment} />
          </Fold>
        </>
      }
      dock={
        unticked.length > 0 ? (
          <Cautions cautions={unticked} ticked={[]} onTick={(id) => setTicked([...ticked, id])} />
        ) : place !== undefined ? (
          <ReadingDock
            label={view.label}
            unit={unit}
            onLog={log}
            axis={view.axis}
            onTake={log}
            next={undefined}
            draft={{ text, setText }}
          />
        ) : (
          <PassActions
            state={advice?.state}
            refused={pass.refusal !== undefined}
            skew={skewed?.angle}
            carried={carried}
            onWord={onWord}
            onCarry={() => carry(carried ? null : pass.pass)}
            onAgain={nextPass}
            onSweep={sweepIt}
            onDone={leave}
          />
        )
      }
    />
  );
}
