import { TASK_TITLES } from '@zero-point/core/words/names';
import type { Alignment } from '@zero-point/core/record/alignment';
import { ALIGNMENT_CAUTIONS } from '@zero-point/core/cautions/caution';
import type { Book } from '@zero-point/core/book/book';
import { formatAngle, formatLength } from '@zero-point/core/units/formatLength';
import { parseLength } from '@zero-point/core/units/parseLength';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { useWindowDimensions, View } from 'react-native';
import { Button } from 'react-native-paper';
import { Budget } from '../../../answer/Budget';
import { StandingLine } from '../../../answer/StandingLine';
import { Cautions } from '../../../answer/Cautions';
import { Fold } from '../../../answer/Fold';
import type { Said } from '../../../record/said';
import { ReadingDock } from '../../../answer/ReadingDock';
import { ReadingList } from '../../../answer/ReadingList';
import { MainAction } from '../../../frame/MainAction';
import { StationFrame } from '../../../frame/StationFrame';
import { useShape, useShort } from '../../../frame/useShape';
import { IndicatorDial } from '../../../indicator/IndicatorDial';
import { TapeStrip } from '../../../tape/TapeStrip';
import { Words } from '../../../theme/Words';
import { logStrike } from '../../../record/log';
import { AdviceView } from './AdviceView';
import { Config } from './Config';
import { PassChart } from './PassChart';
import { ResidualPlot } from './ResidualPlot';
import { SweepImport } from './SweepImport';
import { TaskDrawing } from './TaskDrawing';
import { alignmentView, keepAlignment } from '../view';
import { placeTitle, toolWords } from '@zero-point/core/words/alignmentPlace';

interface TaskScreenProps {
  book: Book;
  alignment: Alignment;
}

/** Lower than this the dial is small, px. */
const LOW = 760;

/** One thing lined up: read place by place, told what to move, read again until it is proven in line. */
export function TaskScreen({ book, alignment }: TaskScreenProps) {
  const router = useRouter();
  const shape = useShape();
  const wide = shape === 'wide';
  const { height } = useWindowDimensions();
  // A low page keeps the sentence whole; the dial gives way.
  const short = useShort();
  const params = useLocalSearchParams();
  const [again, setAgain] = useState<number | undefined>(undefined);
  const [text, setText] = useState('');
  const [ticked, setTicked] = useState(false);
  const asked = /^\d{1,4}$/.test(String(params.pass)) ? Number(params.pass) : undefined;
  const view = alignmentView(book, alignment, asked, again);
  const { pass, advice, place, dial } = view;
  const unit = book.setup.units;
  const read = parseLength(text, unit);
  const heavy = alignment.task === 'head' && pass.readings.length === 0 && !ticked;

  const log = (said: Said) => {
    const wrong = view.log(said);
    if (wrong === undefined) setAgain(undefined);
    return wrong;
  };
  const nextPass = () => {
    setAgain(undefined);
    router.setParams({ pass: String(pass.pass + 1) });
  };
  const leave = () => router.setParams({ task: '', pass: '' });
  const carry = (carriedPass: number | null) => {
    if (alignment.task === 'skew') keepAlignment(book, { ...alignment, carriedPass });
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
              <Words kind="note" tone="soft">
                {TASK_TITLES[alignment.task]} · pass {pass.pass}
                {place === undefined ? '' : ` · ${view.places.indexOf(place) + 1} of ${view.places.length}`}
              </Words>
              <Words kind="sentence" live>
                {view.question ?? pass.refusal?.message ?? advice?.sentence ?? ''}
              </Words>
              {pass.readings.length === 0 && <Words kind="note">{toolWords(book, alignment)}</Words>}
              {place !== undefined && <StandingLine book={book} gaugeId={touchedWith} only="doubtful" />}
            </View>
          </View>
          {pass.readings.length === 0 && !heavy && (
            <Cautions cautions={[ALIGNMENT_CAUTIONS.spindleStopped]} ticked={[]} onTick={() => undefined} />
          )}
        </View>
      }
      detail={
        <>
          {advice && place === undefined && (
            <>
              <AdviceView advice={advice} allowed={alignment.allowed} unit={unit} />
              {alignment.task === 'vise' || alignment.task === 'skew' || alignment.task === 'chuck' ? (
                <Cautions cautions={[ALIGNMENT_CAUTIONS.softTap]} ticked={[]} onTick={() => undefined} />
              ) : null}
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
              <Words kind="note" tone="soft">
                Read a place once more:
              </Words>
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
              <Fold title="Tape: how it was reckoned" open={wide}>
                <TapeStrip tape={advice.tape} unit={unit} />
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
          <Fold title="How it is read">
            <Config book={book} alignment={alignment} />
          </Fold>
        </>
      }
      dock={
        heavy ? (
          <Cautions cautions={[ALIGNMENT_CAUTIONS.headHeavy]} ticked={[]} onTick={() => setTicked(true)} />
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
          <View style={{ gap: 8 }}>
            {skewed && advice?.state !== 'within' && (
              <Button mode="outlined" onPress={() => carry(carried ? null : pass.pass)}>
                {carried
                  ? 'Carried on: put it back'
                  : `Carry ${skewed.angle > 0 ? '+' : ''}${formatAngle(skewed.angle)} on`}
              </Button>
            )}
            {advice?.state === 'within' || carried ? (
              <>
                {!carried && (
                  <Button mode="outlined" onPress={nextPass}>
                    Read it all again
                  </Button>
                )}
                <MainAction label={carried ? 'Done: the angle is carried' : 'Done: in line'} onPress={leave} />
              </>
            ) : (
              <MainAction
                label={pass.refusal ? 'Start this pass again' : 'Corrected: read it all again'}
                onPress={nextPass}
              />
            )}
          </View>
        )
      }
    />
  );
}
