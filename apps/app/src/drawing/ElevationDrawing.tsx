import { Line, Path, Rect } from 'react-native-svg';
import { METAL } from '../theme/palette';
import { Ground } from './Ground';
import { Arrow, DatumMark, Label, ScribedBlock } from './marks';
import { Target } from './Target';
import { fitToView, type View } from './geometry/view';

/** A tool in its holder, seen from the front. */
export interface HangingTool {
  number: number;
  name: string;
  diameter: number;
  /** Against the reference tool, mm; null while not known. */
  offset: number | null;
  /** The offset in words and figures for its label. */
  shown: string;
}

interface ElevationDrawingProps {
  height: number | 'fill';
  label: string;
  partThickness: number;
  /** How high the part's top is above Z zero, mm; 0 where it is zero itself. */
  topAboveZero: number;
  /** Z was set, so its mark is filled. */
  zSet: boolean;
  gaugeThickness: number;
  gaugeShown: string;
  /** Whether tools come down onto the gauge, or are raised past it from below: the arrow shows it. */
  arrives: 'lowered' | 'raised';
  /** How much thicker the gauge is than it says, mm; with its words, where its marking would have cut air or dug in. */
  marking?: { difference: number; words: string } | undefined;
  tools: readonly HangingTool[];
  reference: number;
  chosen: number;
  onChoose: (tool: number) => void;
}

/** Length drawn for the reference tool, mm; only differences are known. */
const STICK_OUT = 46;
const PITCH = 34;
const NOSE = 12;

/** A drawing lower than this is a strip, px. */
const STRIP = 150;

/** Room above the holders for what is said of each, px. */
const LETTERING = 16;

/** Side by side with less room each, words run into each other, px. */
const WORDS_ROOM = 50;

/** What a strip shows above the gauge, mm. */
const STRIP_ABOVE = 22;

/**
 * The tool in hand on its gauge; the others beside it with their spindle noses as when the reference tool touches it: a
 * shorter one hangs above the gauge, a longer one would dig in.
 */
export function ElevationDrawing(props: ElevationDrawingProps) {
  const { tools, partThickness, gaugeThickness } = props;
  const longest = Math.max(0, ...tools.map(({ offset }) => offset ?? 0));
  const whole = {
    left: -PITCH * 0.8,
    right: PITCH * (tools.length - 0.2),
    bottom: -Math.max(partThickness, props.topAboveZero) - 5,
    top: gaugeThickness + STICK_OUT + longest + NOSE + 4,
  };
  const place = Math.max(
    0,
    tools.findIndex(({ number }) => number === props.chosen),
  );
  // A strip has room for the tip, the gauge and the arrow of the tool in hand.
  const viewOf = (width: number, height: number) => {
    if (height >= STRIP) {
      const view = fitToView(whole, width, height - LETTERING);
      return { ...view, y: (mm: number) => view.y(mm) + LETTERING };
    }
    const high = gaugeThickness * 1.5 + STRIP_ABOVE;
    const reach = (high * width) / height / 2;
    const middle = place * PITCH;
    return fitToView(
      { left: middle - reach, right: middle + reach, bottom: -gaugeThickness / 2, top: gaugeThickness + STRIP_ABOVE },
      width,
      height,
    );
  };
  return (
    <Ground
      height={props.height}
      label={props.label}
      draw={(width, height) => <Scene {...props} view={viewOf(width, height)} width={width} strip={height < STRIP} />}
      touch={(width, height) => {
        const view = viewOf(width, height);
        return tools.map((tool, i) => (
          <Target
            key={tool.number}
            label={`Tool ${tool.number}, ${tool.name}${tool.number === props.reference ? ', the reference' : ''}`}
            chosen={tool.number === props.chosen}
            onPress={() => props.onChoose(tool.number)}
            at={{ x: view.x(i * PITCH), y: height / 2, width: PITCH * view.scale, height: height - 8 }}
          />
        ));
      }}
    />
  );
}

/** A tool’s name stands beside it in a strip, px. */
const SIDE = 44;

/** The datum mark stands in so much at the edge, px. */
const MARK_ROOM = 74;

/** Room for the gauge's size beside it, px: the datum mark stands at the edge. */
const SIZE_ROOM = 140;

function Scene({
  view,
  width,
  tools,
  partThickness,
  topAboveZero,
  zSet,
  gaugeThickness,
  gaugeShown,
  arrives,
  marking,
  reference,
  chosen,
  strip,
}: ElevationDrawingProps & { view: View; width: number; strip: boolean }) {
  const nose = gaugeThickness + STICK_OUT;
  // A strip has those beside the one in hand alone.
  const shown = tools
    .map((tool, i) => ({ tool, x: view.x(i * PITCH) }))
    .filter(({ x }) => !strip || (x > SIDE && x < width - 8));
  const place = tools.findIndex(({ number }) => number === chosen);
  const gaugeWide = PITCH * 0.78 * view.scale;
  const beside = view.x(place * PITCH) + gaugeWide / 2 + 7;
  // Its size does not fit on it: it stands beyond the arrow, or on the other side of it at the edge.
  const shownAt =
    width - beside > SIZE_ROOM
      ? ({ x: beside + 9, anchor: 'start' } as const)
      : ({ x: view.x(place * PITCH) - gaugeWide / 2 - 8, anchor: 'end' } as const);
  // Raised past it from below its top; or down onto its top from above.
  const [low, high] =
    arrives === 'raised'
      ? [view.y(gaugeThickness * 0.1), view.y(gaugeThickness + 14)]
      : [view.y(gaugeThickness), view.y(gaugeThickness + 18)];
  return (
    <>
      <ScribedBlock x={-10} y={view.y(0)} width={width + 20} height={partThickness * view.scale} />
      {!strip && (
        <Label x={10} y={view.y(-partThickness / 2) + 5} anchor="start" size={13} words>
          part
        </Label>
      )}
      <Line
        x1={0}
        x2={width}
        y1={view.y(gaugeThickness)}
        y2={view.y(gaugeThickness)}
        stroke={METAL.silverSoft}
        strokeWidth={1}
        strokeDasharray="6 5"
      />
      <Line
        x1={0}
        x2={width}
        y1={view.y(-partThickness) + 4}
        y2={view.y(-partThickness) + 4}
        stroke={METAL.steel}
        strokeWidth={5}
      />
      {!strip && <DatumMark x={width - 44} y={view.y(-topAboveZero)} set={zSet} />}
      {marking && <Marking difference={marking.difference} words={marking.words} view={view} width={width} />}
      {place >= 0 && (
        <>
          <Rect
            x={view.x(place * PITCH) - gaugeWide / 2}
            y={view.y(gaugeThickness)}
            width={gaugeWide}
            height={gaugeThickness * view.scale}
            fill={METAL.steel}
            stroke={METAL.silver}
            strokeWidth={1.5}
          />
          <Label x={shownAt.x} y={view.y(gaugeThickness / 2) + 5} size={13} anchor={shownAt.anchor}>
            {gaugeShown}
          </Label>
          <Arrow
            from={{ x: beside, y: arrives === 'raised' ? low : high }}
            to={{ x: beside, y: arrives === 'raised' ? high : low }}
          />
        </>
      )}
      {shown.map(({ tool, x }) => (
        <Hanging
          key={tool.number}
          tool={tool}
          x={x}
          nose={nose}
          view={view}
          gauge={gaugeThickness}
          chosen={tool.number === chosen}
          isReference={tool.number === reference}
          strip={strip}
        />
      ))}
    </>
  );
}

/** Least height of the band that shows the plate's difference, px: a quarter of a millimetre would not be seen. */
const LEAST_BAND = 7;

/** Where tools would have cut by the plate's marking: above the part in air, or into it. Enlarged where it is too thin to see. */
function Marking({ difference, words, view, width }: { difference: number; words: string; view: View; width: number }) {
  const tall = Math.max(LEAST_BAND, Math.abs(difference) * view.scale);
  const top = difference < 0 ? view.y(0) : view.y(0) - tall;
  return (
    <>
      <Rect x={0} y={top} width={width} height={tall} fill={difference < 0 ? METAL.wrong : METAL.band} />
      <Label x={width - MARK_ROOM} y={difference < 0 ? top + tall + 15 : top - 6} anchor="end" size={13} words>
        {words}
      </Label>
    </>
  );
}

interface HangingProps {
  tool: HangingTool;
  x: number;
  nose: number;
  gauge: number;
  view: View;
  chosen: boolean;
  isReference: boolean;
  strip: boolean;
}

function Hanging({ tool, x, nose, gauge, view, chosen, isReference, strip }: HangingProps) {
  // In hand it touches: its spindle stands higher by what it is longer.
  const rise = chosen ? (tool.offset ?? 0) : 0;
  const tip = gauge + rise - (tool.offset ?? 0);
  const half = Math.max((tool.diameter / 2) * view.scale, 2);
  const holder = 12 * view.scale;
  const colour = chosen ? METAL.brass : METAL.silver;
  const unknown = tool.offset === null && !isReference;
  const noseY = view.y(nose + rise);
  return (
    <>
      <Path
        d={`M${x - holder} ${view.y(nose + rise + NOSE)}H${x + holder}L${x + holder * 0.72} ${noseY}H${x - holder * 0.72}Z`}
        fill="rgba(228,235,241,0.14)"
        stroke={colour}
        strokeWidth={1.5}
      />
      <Rect
        x={x - half}
        y={noseY}
        width={2 * half}
        height={Math.max(4, view.y(tip) - noseY)}
        fill={chosen ? METAL.band : 'rgba(228,235,241,0.1)'}
        stroke={colour}
        strokeWidth={chosen ? 2.4 : 1.5}
        strokeDasharray={unknown ? '5 4' : undefined}
      />
      {strip ? (
        <Label x={x - half - 6} y={16} anchor="end" colour={colour}>
          {`T${tool.number}`}
        </Label>
      ) : (
        <>
          <Label x={x} y={view.y(nose + rise + NOSE / 2) + 5} colour={colour}>
            {`T${tool.number}`}
          </Label>
          <Label x={x} y={view.y(nose + rise + NOSE) - 7} size={13} colour={colour} words={isReference || unknown}>
            {unknown && PITCH * view.scale < WORDS_ROOM ? '–' : tool.shown}
          </Label>
        </>
      )}
    </>
  );
}
