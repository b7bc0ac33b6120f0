import { G, Line, Path, Rect } from 'react-native-svg';
import { METAL } from '../theme/palette';
import { Ground } from './Ground';
import { Arrow, DatumMark, Label, ScribedBlock } from './marks';

interface SpotDrawingProps {
  height: number | 'fill';
  label: string;
  /** Where the spot is; not chosen yet where it is left out. */
  where: 'off-part' | 'on-part' | undefined;
  /** A plate with its wire and clip, or a block. */
  gauge: 'plate' | 'block';
  clipOn: boolean;
  /** What hangs in the spindle: its name, its diameter in mm, and whether it is the probe. */
  tool: { name: string; diameter: number; probe: boolean } | undefined;
  /** Where the tool is: on the spot, or raised clear of it. */
  at: 'spot' | 'clear';
  /** What Z shows there, once it is known. */
  figure: string | undefined;
}

/** The part, the spot with its gauge, and the tool over it, seen from the front. The wide tool's swing shows beside the gauge. */
export function SpotDrawing(props: SpotDrawingProps) {
  return (
    <Ground
      height={props.height}
      label={props.label}
      draw={(width, height) => <Scene {...props} w={width} h={height} />}
    />
  );
}

/** Tools are drawn at so many px a mm, and no wider or narrower than can be told apart. */
const PX = 2.2;
const THINNEST = 7;
const WIDEST = 110;

function Scene({ where, gauge, clipOn, tool, at, figure, w, h }: SpotDrawingProps & { w: number; h: number }) {
  const low = h < 110;
  const table = h - (low ? 10 : 22);
  // A tall drawing shows the same things larger.
  const size = Math.max(1, Math.min(2.4, h / 260));
  const partHigh = Math.min(h * 0.3, 56 * size);
  const partTop = table - partHigh;
  const part = { x: 24, width: w * (where === 'on-part' ? 0.56 : 0.28) };
  const onPart = where === 'on-part';
  const ground = onPart ? partTop : table;
  const x = onPart ? part.x + part.width * 0.72 : w * 0.68;
  const wide = (gauge === 'plate' ? 58 : 40) * size;
  const high = gauge === 'plate' ? Math.min(14 * size, h * 0.1) : Math.min(26 * size, h * 0.16);
  const top = ground - high;
  const raised = Math.max(20, h * 0.18);
  const tip = at === 'spot' ? top : Math.max(24, top - raised);
  return (
    <>
      <Line x1={0} x2={w} y1={table + 2} y2={table + 2} stroke={METAL.steel} strokeWidth={5} />
      <ScribedBlock x={part.x} y={partTop} width={part.width} height={partHigh} />
      {!low && (
        <Label x={part.x + 10} y={partTop + partHigh / 2 + 5} anchor="start" size={13} words>
          part
        </Label>
      )}
      <DatumMark x={part.x} y={partTop} set />
      {where !== undefined && (
        <>
          <Rect
            x={x - wide / 2}
            y={top}
            width={wide}
            height={high}
            fill={METAL.steel}
            stroke={METAL.silver}
            strokeWidth={1.5}
          />
          {gauge === 'plate' && (
            <Path
              d={`M${x + wide / 2} ${top + high / 2} q 26 ${ground - top} 40 ${table - top - 8} T ${w + 6} ${table - 6}`}
              stroke={METAL.brass}
              strokeWidth={2}
              fill="none"
            />
          )}
          {figure !== undefined && (
            <G>
              <Line
                x1={onPart ? x + wide / 2 + 3 : x - wide / 2 - 84}
                x2={onPart ? x + wide / 2 + 84 : x - wide / 2 - 3}
                y1={top}
                y2={top}
                stroke={METAL.silverSoft}
                strokeDasharray="6 5"
              />
              <Label
                x={onPart ? x + wide / 2 + 8 : x - wide / 2 - 8}
                y={top - 7}
                anchor={onPart ? 'start' : 'end'}
                size={15}
              >
                {figure}
              </Label>
            </G>
          )}
        </>
      )}
      {tool && <InSpindle x={x} tip={tip} {...tool} clip={clipOn && gauge === 'plate'} size={size} />}
      {tool && at === 'clear' && where !== undefined && h > 150 && (
        <Arrow from={{ x: x + wide / 2 + 14, y: top }} to={{ x: x + wide / 2 + 14, y: Math.max(14, top - raised) }} />
      )}
    </>
  );
}

function InSpindle({
  x,
  tip,
  name,
  diameter,
  probe,
  clip,
  size,
}: {
  x: number;
  tip: number;
  name: string;
  diameter: number;
  probe: boolean;
  clip: boolean;
  size: number;
}) {
  const wide = Math.max(THINNEST, Math.min(WIDEST, diameter * PX * size));
  const long = 44 * size;
  const nose = Math.max(6, tip - long);
  return (
    <G>
      <Rect
        x={x - 22}
        y={-10}
        width={44}
        height={nose + 10}
        fill={METAL.steel}
        stroke={METAL.silver}
        strokeWidth={1.5}
      />
      {probe ? (
        <G>
          <Line x1={x} x2={x} y1={nose} y2={tip - 5} stroke={METAL.silver} strokeWidth={2.5} />
          <Path d={`M${x - 5} ${tip - 5} a5 5 0 1 0 10 0 a5 5 0 1 0 -10 0`} fill={METAL.brass} />
        </G>
      ) : (
        <Rect
          x={x - wide / 2}
          y={nose}
          width={wide}
          height={tip - nose}
          fill={METAL.band}
          stroke={METAL.brass}
          strokeWidth={2}
        />
      )}
      {clip && (
        <Path
          d={`M${x + wide / 2 - 3} ${tip - 26} h 14 l 4 4 v 6 l -4 4 h -14 z`}
          fill={METAL.brass}
          stroke={METAL.silver}
          strokeWidth={1}
        />
      )}
      <Label x={x + 22 * size + 8} y={Math.max(16, nose - 8)} anchor="start" size={14}>
        {name}
      </Label>
    </G>
  );
}
