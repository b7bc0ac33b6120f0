import { noteWords } from '@zero-point/core/messages/basis/note';
import { typedAsName } from '@zero-point/core/messages/datum/controlResult';
import { depthTolerance } from '@zero-point/core/state/zAndTools/zZero';
import { AskOffset } from '../../../touch/OffsetChoice';
import { logStrike } from '../../../commands/logTouch';
import { Choice } from '../../../controls/Choice';
import { lazyComponent } from '../../../layout/lazyComponent';
import { AppText } from '../../../theme/AppText';
import { GaugeStatusLine } from '../../../touch/GaugeStatusLine';
import { JogStepField } from '../../../touch/JogStepField';
import { TouchDetail } from '../../../touch/TouchDetail';
import type { Show, ToolTouches } from '../useToolTouches';
import { DepthTolerance, HeightFields, PlateCheck } from './HeightFields';

export const HelpLine = lazyComponent(() => import('../../../answer/NextReadingLine'));

const ToolTablePanel = lazyComponent(() => import('./ToolTablePanel'));

const RunOutPanel = lazyComponent(() => import('./RunOutPanel'));

/** Which work offset is meant, where the answer goes into one. */
export const askOffset = ({ book, page }: ToolTouches) =>
  page.form?.form === 'work-offset' && <AskOffset book={book} />;

/** The parts of the page. */
export const ShowChoice = ({ show, keeps, turnTo }: Pick<ToolTouches, 'show' | 'keeps' | 'turnTo'>) => (
  <Choice<Show>
    label="Show"
    showLabel={false}
    value={show}
    options={[
      { value: 'touching', label: 'touching' },
      { value: 'table', label: keeps ? 'tool table' : 'tool change' },
      { value: 'run-out', label: 'run-out' },
      { value: 'gauge', label: 'gauge, air cut' },
    ]}
    onChange={turnTo}
  />
);

/** What was read of the tool in hand with its answer, or the part that is shown in its place. */
export function ToolTouchDetail(touches: ToolTouches) {
  const { book, tool, show } = touches;
  if (show === 'touching') return <TouchOfTool {...touches} />;
  return (
    <>
      <ShowChoice {...touches} />
      {show === 'table' && <ToolTablePanel book={book} />}
      {show === 'run-out' && <RunOutPanel key={tool} book={book} number={tool} />}
      {show === 'gauge' && <HeightFields book={book} />}
    </>
  );
}

function TouchOfTool(touches: ToolTouches) {
  const { book, view, page, as } = touches;
  const { setup } = book;
  return (
    <>
      {page.showing === 'entry' && view.readings.length === 0 && (
        <AppText kind="note" tone="soft">
          {view.where}
        </AppText>
      )}
      {page.showing === 'entry' && <GaugeStatusLine book={book} gaugeId={setup.heightGaugeId} only="rest" />}
      {view.closing && (
        <AppText
          kind="note"
          tone={view.closing.agrees === false ? 'bad' : view.closing.agrees ? 'good' : 'ink'}
          style={{ fontWeight: '700' }}
        >
          {view.closing.agrees === false ? '✗ ' : view.closing.agrees ? '✓ ' : ''}
          {view.closing.words}
        </AppText>
      )}
      <PlateCheck book={book} />
      <TouchDetail
        page={page}
        unit={setup.units}
        tolerance={depthTolerance(book)}
        ask={askOffset(touches)}
        more={
          view.answer && (
            <>
              {view.answer.kind === 'z-zero' &&
                view.answer.result.notes.map((note) => (
                  <AppText key={note.code} tone="warn">
                    {noteWords(note, setup.units)}
                  </AppText>
                ))}
              {view.answer.kind === 'z-zero' && <HelpLine book={book} of="depth" />}
              {book.datumPlan.heights?.tolerance === undefined && <DepthTolerance book={book} />}
            </>
          )
        }
        readings={view.readings}
        answer={view.answer}
        forms={view.forms}
        onStrike={(reading, action, reason) => logStrike(book, reading, action, reason)}
        onDone={touches.done}
      />
      {page.showing === 'entry' && view.typedAs.length > 1 && (
        <Choice
          label="What you type"
          value={as}
          options={view.typedAs.map((one) => ({ value: one, label: typedAsName(one, view.gauge?.kind) }))}
          onChange={touches.setTypedAs}
        />
      )}
      {page.showing === 'entry' && as === 'scale' && view.arrives === 'lowered' && (
        <JogStepField book={book} gaugeId={setup.heightGaugeId} />
      )}
      <ShowChoice {...touches} />
    </>
  );
}
