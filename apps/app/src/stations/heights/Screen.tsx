import type { Snapshot } from '@zero-point/core/contract/setup';
import { sizeOf } from '@zero-point/core/ledger/gaugeUse';
import { formatLength } from '@zero-point/core/units/formatLength';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import type { FormView } from '../../answer/AnswerForms';
import { Cautions } from '../../answer/Cautions';
import { TouchDetail } from '../../answer/TouchDetail';
import { TouchDock } from '../../answer/TouchDock';
import { useTouchPage } from '../../answer/useTouchPage';
import { ElevationDrawing } from '../../drawing/ElevationDrawing';
import { StationFrame } from '../../frame/StationFrame';
import { useWide } from '../../frame/useWide';
import { Words } from '../../theme/Words';
import { logStrike } from '../newReading';
import { stationPath } from '../strip';
import { HEIGHT_CAUTION_LIST, heightsView } from './useHeights';

/** Heights: Z zero with the reference tool, then every other tool against it. */
export default function HeightsScreen({ snapshot }: { snapshot: Snapshot }) {
  const router = useRouter();
  const wide = useWide();
  const params = useLocalSearchParams();
  const { setup, part } = snapshot;
  const tool = /^\d{1,4}$/.test(String(params.tool)) ? Number(params.tool) : setup.referenceTool;
  const view = heightsView(snapshot, tool);
  const page = useTouchPage(`tool ${tool}`, view.forms);
  const [ticks, setTicks] = useState<{ tool: number; ids: string[] }>({ tool, ids: [] });
  // Each tool is a new approach to the gauge, so each asks for the tick again.
  const ticked = ticks.tool === tool ? ticks.ids : [];
  const untouched = HEIGHT_CAUTION_LIST.find(({ id, mustTick }) => mustTick && !ticked.includes(id));
  const toggle = (id: string) =>
    setTicks({ tool, ids: ticked.includes(id) ? ticked.filter((other) => other !== id) : [...ticked, id] });

  const done = (form: FormView) => {
    const next = view.finish(form);
    if (next === undefined) router.navigate(stationPath(setup.id, 'positions'));
    else router.setParams({ tool: String(next) });
  };
  const thickness = view.gauge ? sizeOf(view.gauge) : 0;

  return (
    <StationFrame
      drawing={
        <ElevationDrawing
          height={wide ? 'fill' : page.showing === 'answer' ? 230 : 210}
          label={`The tools side by side over the part, tool ${tool} on the gauge`}
          partThickness={part.size.z}
          gaugeThickness={thickness}
          gaugeShown={formatLength(thickness, { unit: setup.units })}
          tools={view.tools}
          reference={setup.referenceTool}
          chosen={tool}
          onChoose={(number) => router.setParams({ tool: String(number) })}
        />
      }
      prompt={
        <>
          <Words kind="sentence" live>
            {page.showing === 'answer' && view.isReference
              ? 'The gauge is found. Set Z while the tool still touches it.'
              : (view.blocked ?? (!wide && view.readings.length > 0 ? view.brief : view.sentence))}
          </Words>
          {view.readings.length === 0 && view.otherSchool && (
            <Words kind="note" tone="soft">
              {view.otherSchool}
            </Words>
          )}
          {page.showing === 'entry' && view.readings.length === 0 && (
            <Cautions
              cautions={HEIGHT_CAUTION_LIST.filter(({ mustTick }) => !mustTick)}
              ticked={ticked}
              onTick={toggle}
            />
          )}
        </>
      }
      detail={
        <TouchDetail
          page={page}
          unit={setup.units}
          tolerance={setup.tolerance}
          readings={view.readings}
          answer={view.answer}
          forms={view.forms}
          onStrike={(reading, action, reason) => logStrike(snapshot, reading, action, reason)}
          onDone={done}
        />
      }
      dock={
        <TouchDock
          page={page}
          unit={setup.units}
          label={`Z with tool ${tool} on the gauge`}
          forms={view.forms}
          blocked={
            view.blocked ?? (untouched && 'Read the caution and tick it first: raise onto the gauge, never lower.')
          }
          gate={untouched && <Cautions cautions={[untouched]} ticked={ticked} onTick={toggle} />}
          onLog={(text) => view.log(text, ticked)}
          onDone={done}
        />
      }
    />
  );
}
