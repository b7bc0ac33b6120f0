import { Circle, G, Line, Path, Rect } from 'react-native-svg';
import { METAL } from '../theme/palette';
import { Ground } from './Ground';
import { Label, ScribedBlock } from './marks';

interface HoldingDrawingProps {
  holding: string;
  height: number | 'fill';
  label: string;
}

const SCRIBE = { stroke: METAL.silver, strokeWidth: 1.8, fill: 'rgba(228,235,241,0.07)' };
const HOLDER = { stroke: METAL.brass, strokeWidth: 2, fill: METAL.band };

/** How the part is held, from the front: what holds it in brass. */
export function HoldingDrawing({ holding, height, label }: HoldingDrawingProps) {
  return (
    <Ground
      height={height}
      label={label}
      draw={(width, tall) => {
        const x = width / 2;
        const table = tall * 0.8;
        const unit = Math.min(width / 390, tall / 170, 2.2);
        return <Scene holding={holding} x={x} table={table} u={unit} width={width} />;
      }}
    />
  );
}

interface SceneProps {
  holding: string;
  x: number;
  /** Height of the table's top on the drawing, px. */
  table: number;
  /** Scale, px to px at the smallest size. */
  u: number;
  width: number;
}

function Scene({ holding, x, table, u, width }: SceneProps) {
  const at = (left: number, up: number, wide: number, tall: number, style: object) => (
    <Rect x={x + left * u} y={table - (up + tall) * u} width={wide * u} height={tall * u} {...style} />
  );
  const part = (up: number, wide = 120, tall = 34) => (
    <>
      <ScribedBlock x={x - (wide / 2) * u} y={table - (up + tall) * u} width={wide * u} height={tall * u} />
      <Label x={x} y={table - (up + tall / 2) * u + 5} words>
        part
      </Label>
    </>
  );
  const ground = <Line x1={0} x2={width} y1={table} y2={table} stroke={METAL.silver} strokeWidth={2} />;
  switch (holding) {
    case 'vise':
      return (
        <>
          {ground}
          {at(-120, 0, 240, 16, SCRIBE)}
          {at(-112, 16, 46, 46, HOLDER)}
          {at(66, 16, 46, 46, HOLDER)}
          {at(-62, 16, 10, 22, HOLDER)}
          {at(52, 16, 10, 22, HOLDER)}
          {part(38, 132, 36)}
        </>
      );
    case 'clamps':
      return (
        <>
          {ground}
          {part(0, 150, 36)}
          {[-1, 1].map((side) => (
            <G key={side}>
              <Line
                x1={x + side * 62 * u}
                y1={table - 40 * u}
                x2={x + side * 128 * u}
                y2={table - 45 * u}
                stroke={METAL.brass}
                strokeWidth={7 * u}
              />
              {at(side * 122 - 8, 0, 16, 40, HOLDER)}
              {at(side * 92 - 3, 0, 6, 62, HOLDER)}
            </G>
          ))}
        </>
      );
    case 'rotary-chuck':
      return (
        <>
          {ground}
          {at(-110, 0, 220, 26, SCRIBE)}
          {at(-72, 26, 144, 26, HOLDER)}
          {at(-58, 52, 22, 22, HOLDER)}
          {at(36, 52, 22, 22, HOLDER)}
          {part(60, 72, 30)}
          <Line
            x1={x}
            x2={x}
            y1={table + 6}
            y2={table - 118 * u}
            stroke={METAL.silverSoft}
            strokeWidth={1.2}
            strokeDasharray="12 4 3 4"
          />
        </>
      );
    case 'tilting-table':
      return (
        <>
          {ground}
          <Circle cx={x} cy={table - 40 * u} r={9 * u} {...HOLDER} />
          <G transform={`rotate(-18 ${x} ${table - 40 * u})`}>
            {at(-105, 44, 210, 16, HOLDER)}
            {part(60, 110, 30)}
          </G>
          <Path
            d={`M${x - 120 * u} ${table} L${x} ${table - 40 * u} L${x + 120 * u} ${table}`}
            fill="none"
            stroke={METAL.silver}
            strokeWidth={1.8}
          />
        </>
      );
    case 'spoil-board':
      return (
        <>
          {ground}
          {at(-160, 0, 320, 22, SCRIBE)}
          {at(-75, 22, 150, 5, HOLDER)}
          {part(27, 150, 36)}
          {[-62, 62].map((place) => (
            <G key={place}>{at(place - 3, 8, 6, 62, HOLDER)}</G>
          ))}
        </>
      );
    default:
      return (
        <>
          {ground}
          {part(0)}
        </>
      );
  }
}
