import { LENGTH_METHOD_NAMES, SITS_NAMES } from '@zero-point/core/messages/basis/labels';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { Cautions } from '../../../answer/Cautions';
import { savePlan, withoutAssumption } from '../../../commands/savePlan';
import { Choice } from '../../../controls/Choice';
import { AppText } from '../../../theme/AppText';
import { heightGaugeOptions } from '../../../touch/gaugeOptions';
import { GaugeStatusLine } from '../../../touch/GaugeStatusLine';
import { TouchSummary } from '../../../touch/TouchSummary';
import type { Show, ToolTouches } from '../useToolTouches';
import { sitAt } from './HeightFields';

/** What heads each part that is not touching. */
const SHOWN_AS: Readonly<Record<Exclude<Show, 'touching'>, (book: SetupState, tool: number) => string>> = {
  table: ({ machine }) => `Tool lengths, ${LENGTH_METHOD_NAMES[machine.habits.toolLengthSchool]}.`,
  'run-out': (_, tool) => `How far does tool ${tool} run out?`,
  gauge: () => 'The gauge, the surface under it, and an air cut.',
};

/** What is touched next, and what was found. */
export function ToolTouchPrompt({ book, view, page, tool, show, keeps, wide, ticked, toggle }: ToolTouches) {
  const { setup } = book;
  return (
    <>
      <AppText kind="sentence" live>
        {show !== 'touching'
          ? SHOWN_AS[show](book, tool)
          : view.byProbeAlone
            ? keeps
              ? 'Top found with the probe. Touch off each cutter, or enter the probe’s length difference.'
              : 'Top found with the probe. Set Z for the probe, then touch off each cutter on one spot.'
            : page.showing === 'answer' && view.isReference
              ? 'Gauge found. Set Z while the tool still touches it.'
              : (view.blocked ?? (!wide && view.readings.length > 0 ? view.brief : view.sentence))}
      </AppText>
      {page.showing === 'entry' && view.readings.length === 0 && (
        <Cautions cautions={view.cautions.filter(({ mustTick }) => !mustTick)} ticked={ticked} onTick={toggle} />
      )}
      {show === 'touching' && setup.assumed?.includes('height-gauge') && view.readings.length === 0 && (
        <Choice
          label="What is under the tool?"
          value={setup.heightGaugeId}
          options={heightGaugeOptions(book)}
          onChange={(heightGaugeId) => savePlan(book, { heightGaugeId, ...withoutAssumption(book, 'height-gauge') })}
        />
      )}
      {show === 'touching' && view.askSits && (
        <Choice
          label={`Where is the ${view.gauge?.name.toLowerCase() ?? 'gauge'}?`}
          value="unsaid"
          options={view.askSits.map((sits) => ({ value: sits as string, label: SITS_NAMES[sits] }))}
          onChange={(sits) => sitAt(book, sits)}
        />
      )}
      {show === 'touching' && page.showing === 'entry' && (
        <GaugeStatusLine book={book} gaugeId={setup.heightGaugeId} only="doubtful" />
      )}
      {show === 'touching' && (
        <TouchSummary page={page} unit={setup.units} readings={view.readings} answer={view.answer} forms={view.forms} />
      )}
    </>
  );
}
