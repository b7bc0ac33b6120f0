import { LoadingPart } from '../../layout/LoadingPage';
import { lazyComponent, useFetchAhead } from '../../layout/lazyComponent';
import type { KnownGauge } from '@zero-point/core/state/basis/calibratedGauge';
import type { LengthUnit } from '@zero-point/core/units/unit';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { AskOffset } from '../../touch/OffsetChoice';
import { toolsInOrder } from '@zero-point/core/state/toolChange/toolChangeOrder';
import { topAboveZero } from '@zero-point/core/state/zAndTools/zZeroHeight';
import { depthTolerance } from '@zero-point/core/state/zAndTools/zZero';
import { typedAsName, type TypedAs } from '@zero-point/core/messages/datum/controlResult';
import { noteWords } from '@zero-point/core/messages/basis/note';
import { JogStepField } from '../../touch/JogStepField';
import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import type { FormView } from '@zero-point/core/messages/datum/formView';
import { Cautions } from '../../answer/Cautions';
import { GaugeStatusLine } from '../../touch/GaugeStatusLine';
import { TouchDetail } from '../../touch/TouchDetail';
import { TouchSummary } from '../../touch/TouchSummary';
import { TouchDock } from '../../touch/TouchDock';
import { useTouchPage } from '../../touch/useTouchPage';
import { ElevationDrawing } from '../../drawing/ElevationDrawing';
import { Choice } from '../../controls/Choice';
import { StationFrame } from '../../layout/StationFrame';
import { useWide } from '../../layout/useLayoutSize';
import { AppText } from '../../theme/AppText';
import { logStrike } from '../../commands/logTouch';
import { DepthTolerance, HeightFields, PlateCheck, sitAt } from './parts/HeightFields';
import { keepsTable } from '@zero-point/core/zAndTools/schools';
import { LENGTH_METHOD_NAMES, SITS_NAMES } from '@zero-point/core/messages/basis/labels';
import { stationPath } from '../path';
import { heightGaugeOptions } from '../../touch/gaugeOptions';
import { withoutAssumption, savePlan } from '../../commands/savePlan';
import { logToolTouch, logZForm } from './commands';
import { heightsView } from './view';

const HelpLine = lazyComponent(() => import('../../answer/NextReadingLine'));

const ToolTablePanel = lazyComponent(() => import('./parts/ToolTablePanel'));

const ToolChangePage = lazyComponent(() => import('./parts/ToolChangePage'), LoadingPart);

const RunOutPanel = lazyComponent(() => import('./parts/RunOutPanel'));

const AHEAD = [HelpLine];

const SHOWS = ['touching', 'table', 'run-out', 'gauge'] as const;

type Show = (typeof SHOWS)[number];

/** What heads each part that is not touching. */
const SHOWN_AS: Readonly<Record<Exclude<Show, 'touching'>, (book: SetupState, tool: number) => string>> = {
  table: ({ machine }) => `Tool lengths, ${LENGTH_METHOD_NAMES[machine.habits.toolLengthSchool]}.`,
  'run-out': (_, tool) => `How far does tool ${tool} run out?`,
  gauge: () => 'The gauge, the surface under it, and an air cut.',
};

/** Heights: Z zero with the reference tool, then every other tool against it. */
export default function HeightsScreen({ book }: { book: SetupState }) {
  const router = useRouter();
  const wide = useWide();
  useFetchAhead(AHEAD);
  const params = useLocalSearchParams();
  const { setup, part } = book;
  const tool = /^\d{1,4}$/.test(String(params.tool)) ? Number(params.tool) : setup.referenceTool;
  const show: Show = SHOWS.find((one) => one === params.show) ?? 'touching';
  const view = heightsView(book, tool);
  const keeps = keepsTable(book.machine.habits.toolLengthSchool);
  const page = useTouchPage(`tool ${tool}`, view.forms);
  const [ticks, setTicks] = useState<{ tool: number; ids: string[] }>({ tool, ids: [] });
  // Each tool is a new approach to the gauge, so each asks for the tick again.
  const ticked = ticks.tool === tool ? ticks.ids : [];
  const [typedAs, setTypedAs] = useState<TypedAs>('scale');
  const as = view.typedAs.includes(typedAs) ? typedAs : 'scale';
  const untouched = view.cautions.find(({ id, mustTick }) => mustTick && !ticked.includes(id));
  const toggle = (id: string) =>
    setTicks({ tool, ids: ticked.includes(id) ? ticked.filter((other) => other !== id) : [...ticked, id] });

  const ask = page.form?.form === 'work-offset' && <AskOffset book={book} />;
  const done = (form: FormView) => {
    logZForm(book, view, form);
    // The tool that set Z, or the probe, touches the spot before it comes out: every later one is set there.
    const others = !keeps && toolsInOrder(book).some((one) => one !== tool);
    if (view.byProbeAlone || others) router.setParams({ show: 'table', act: '' });
    else if (view.next === undefined) router.navigate(stationPath(setup.id, 'positions'));
    else router.setParams({ tool: String(view.next) });
  };
  const shows = (
    <Choice
      label="Show"
      showLabel={false}
      value={show}
      options={[
        { value: 'touching', label: 'touching' },
        { value: 'table', label: keeps ? 'tool table' : 'tool change' },
        { value: 'run-out', label: 'run-out' },
        { value: 'gauge', label: 'gauge, air cut' },
      ]}
      onChange={(next) => router.setParams({ show: next })}
    />
  );
  const thickness = view.gap;
  if (!keeps && (show === 'table' || (show === 'touching' && !view.isReference)))
    return <ToolChangePage book={book} shows={shows} />;

  return (
    <StationFrame
      touch
      at={`${show} ${tool} ${page.showing}`}
      drawing={
        <ElevationDrawing
          height="fill"
          label={`The tools side by side over the part, tool ${tool} on the gauge`}
          partThickness={part.size.z}
          topAboveZero={topAboveZero(book) ?? 0}
          zSet={view.zSet}
          gaugeThickness={thickness}
          gaugeShown={formatLengthUnit(thickness, { unit: setup.units })}
          arrives={view.arrives}
          marking={view.gauge && plateMarking(view.gauge, setup.units)}
          tools={inView(view.tools, tool, setup.referenceTool)}
          reference={setup.referenceTool}
          chosen={tool}
          onChoose={(number) => router.setParams({ tool: String(number) })}
        />
      }
      prompt={
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
              onChange={(heightGaugeId) =>
                savePlan(book, { heightGaugeId, ...withoutAssumption(book, 'height-gauge') })
              }
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
            <TouchSummary
              page={page}
              unit={setup.units}
              readings={view.readings}
              answer={view.answer}
              forms={view.forms}
            />
          )}
        </>
      }
      detail={
        show === 'touching' ? (
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
              ask={ask}
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
              onDone={done}
            />
            {page.showing === 'entry' && view.typedAs.length > 1 && (
              <Choice
                label="What you type"
                value={as}
                options={view.typedAs.map((one) => ({ value: one, label: typedAsName(one, view.gauge?.kind) }))}
                onChange={setTypedAs}
              />
            )}
            {page.showing === 'entry' && as === 'scale' && view.arrives === 'lowered' && (
              <JogStepField book={book} gaugeId={setup.heightGaugeId} />
            )}
            {shows}
          </>
        ) : (
          <>
            {shows}
            {show === 'table' && <ToolTablePanel book={book} />}
            {show === 'run-out' && <RunOutPanel key={tool} book={book} number={tool} />}
            {show === 'gauge' && <HeightFields book={book} />}
          </>
        )
      }
      dock={
        show !== 'touching' && !wide ? null : (
          <TouchDock
            page={page}
            unit={setup.units}
            label={as === 'scale' ? `Z with tool ${tool} on the gauge` : `Z, ${typedAsName(as, view.gauge?.kind)}`}
            forms={view.forms}
            blocked={view.blocked ?? (untouched && 'Read the caution and tick it first.')}
            ask={ask}
            gate={untouched && <Cautions cautions={[untouched]} ticked={ticked} onTick={toggle} />}
            onLog={(text) => logToolTouch(book, view, text, ticked, as)}
            axis={as === 'zero' ? undefined : 'z'}
            byControl={as === 'result'}
            onTake={(figure) => logToolTouch(book, view, figure, ticked, as)}
            typed={typeof params.typed === 'string' ? params.typed : ''}
            onDone={done}
          />
        )
      }
    />
  );
}

/** What a plate's marking would have done, where its measured size says otherwise. */
function plateMarking({ kind, nominal, measured }: KnownGauge, unit: LengthUnit) {
  const difference = measured === undefined ? 0 : measured - nominal;
  if (kind !== 'touch-plate' || Math.abs(difference) < 0.005) return undefined;
  const size = formatLengthUnit(Math.abs(difference), { unit });
  return {
    difference,
    words: difference < 0 ? `digs in ${size} by the marking` : `cuts ${size} of air by the marking`,
  };
}

/** Tools that hang side by side at once: the reference, and those about the one in hand. */
const BESIDE = 2;

/** A drawing has room for a few tools; the others are in the table. */
function inView<T extends { number: number }>(tools: readonly T[], chosen: number, reference: number): T[] {
  const at = Math.max(
    0,
    tools.findIndex(({ number }) => number === chosen),
  );
  const from = Math.max(0, Math.min(at - BESIDE, tools.length - 2 * BESIDE - 1));
  return tools.filter(({ number }, i) => number === reference || (i >= from && i <= from + 2 * BESIDE));
}
