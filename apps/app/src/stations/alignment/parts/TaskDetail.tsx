import { placeTitle, isPlug } from '@zero-point/core/messages/alignment/place';
import { alignmentSteps, MAKING_PLUG } from '@zero-point/core/messages/alignment/steps';
import { cautionsOfMoving } from '@zero-point/core/state/alignment/cautions';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { Budget } from '../../../answer/Budget';
import { Cautions } from '../../../answer/Cautions';
import { Fold } from '../../../answer/Fold';
import { Steps } from '../../../answer/NumberedSteps';
import { logStrike } from '../../../commands/logTouch';
import { useWide } from '../../../layout/useLayoutSize';
import { AppText } from '../../../theme/AppText';
import { ReadingList } from '../../../touch/ReadingList';
import { WorkingStrip } from '../../../working/WorkingStrip';
import { AdviceView } from './AdviceView';
import { Config } from './Config';
import { PassChart } from './PassChart';
import { ResidualPlot } from './ResidualPlot';
import { SweepImport } from './SweepImport';
import type { TaskPass } from './useTaskPass';

/** What to move with its working, the passes so far, their readings, and how the task is read. */
export function TaskDetail({ book, alignment, view, unit, setAgain }: TaskPass) {
  const wide = useWide();
  const { pass, advice, place } = view;
  return (
    <>
      {advice && place === undefined && (
        <>
          <AdviceView advice={advice} allowed={alignment.allowed} unit={unit} />
          {pass.answer && advice.state !== 'within' && (
            <Cautions cautions={cautionsOfMoving(book, alignment, pass.answer)} ticked={[]} onTick={() => undefined} />
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
          titleOf={({ subject }) => (subject.kind === 'alignment' ? placeTitle(alignment, subject.place, unit) : '')}
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
  );
}
