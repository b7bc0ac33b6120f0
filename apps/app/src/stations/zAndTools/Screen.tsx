import { GAUGE_FACTS } from '@zero-point/core/metrology/gauges/gaugeKinds';
import type { KnownGauge } from '@zero-point/core/state/basis/calibratedGauge';
import type { LengthUnit } from '@zero-point/core/units/unit';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { topAboveZero } from '@zero-point/core/state/zAndTools/zZeroHeight';
import { typedAsName } from '@zero-point/core/messages/datum/controlResult';
import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import { useLocalSearchParams } from 'expo-router';
import { Cautions } from '../../answer/Cautions';
import { ElevationDrawing } from '../../drawing/ElevationDrawing';
import { lazyComponent, useFetchAhead } from '../../layout/lazyComponent';
import { LoadingPart } from '../../layout/LoadingPage';
import { StationFrame } from '../../layout/StationFrame';
import { TouchDock } from '../../touch/TouchDock';
import { askOffset, HelpLine, ShowChoice, ToolTouchDetail } from './parts/ToolTouchDetail';
import { ToolTouchPrompt } from './parts/ToolTouchPrompt';
import { type ToolTouches, useToolTouches } from './useToolTouches';

const ToolChangePage = lazyComponent(() => import('./parts/ToolChangePage'), LoadingPart);

const AHEAD = [HelpLine];

/** Z & tools: Z zero with the reference tool, then every other tool against it. */
export default function ZAndToolsScreen({ book }: { book: SetupState }) {
  useFetchAhead(AHEAD);
  const touches = useToolTouches(book);
  const { view, page, tool, show, keeps, wide } = touches;
  if (!keeps && (show === 'table' || (show === 'touching' && !view.isReference)))
    return <ToolChangePage book={book} shows={<ShowChoice {...touches} />} />;
  return (
    <StationFrame
      touch
      at={`${show} ${tool} ${page.showing}`}
      drawing={<ToolsOverPart {...touches} />}
      prompt={<ToolTouchPrompt {...touches} />}
      detail={<ToolTouchDetail {...touches} />}
      dock={show !== 'touching' && !wide ? null : <ToolTouchDock {...touches} />}
    />
  );
}

/** The tools side by side over the part, that in hand on the gauge. */
function ToolsOverPart(touches: ToolTouches) {
  const { book, view, tool } = touches;
  const { setup, part } = book;
  return (
    <ElevationDrawing
      height="fill"
      label={`The tools side by side over the part, tool ${tool} on the gauge`}
      partThickness={part.size.z}
      topAboveZero={topAboveZero(book) ?? 0}
      zSet={view.zSet}
      gaugeThickness={view.gap}
      gaugeShown={formatLengthUnit(view.gap, { unit: setup.units })}
      arrives={view.arrives}
      marking={view.gauge && plateMarking(view.gauge, setup.units)}
      tools={inView(view.tools, tool, setup.referenceTool)}
      reference={setup.referenceTool}
      chosen={tool}
      onChoose={touches.choose}
    />
  );
}

/** The entry of the touch with its keypad, or what is logged as set. */
function ToolTouchDock(touches: ToolTouches) {
  const { book, view, page, tool, as, untouched, ticked, toggle, log, done } = touches;
  const { setup } = book;
  const params = useLocalSearchParams();
  return (
    <TouchDock
      page={page}
      unit={setup.units}
      label={as === 'scale' ? `Z with tool ${tool} on the gauge` : `Z, ${typedAsName(as, view.gauge?.kind)}`}
      forms={view.forms}
      blocked={view.blocked ?? (untouched && 'Read the caution and tick it first.')}
      ask={askOffset(touches)}
      gate={untouched && <Cautions cautions={[untouched]} ticked={ticked} onTick={toggle} />}
      onLog={log}
      axis={as === 'zero' ? undefined : 'z'}
      byControl={as === 'result'}
      onTake={log}
      typed={typeof params.typed === 'string' ? params.typed : ''}
      onDone={done}
    />
  );
}

/** What a plate's marking would have done, where its measured size says otherwise. */
function plateMarking({ kind, nominal, measured }: KnownGauge, unit: LengthUnit) {
  const difference = measured === undefined ? 0 : measured - nominal;
  if (!GAUGE_FACTS[kind].isPlate || Math.abs(difference) < 0.005) return undefined;
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
