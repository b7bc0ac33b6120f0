import { Circle, G, Line, Path, Polygon, Rect, Text as SvgText } from 'react-native-svg';
import { MONO, SANS } from '../theme/faces';
import { METAL } from '../theme/palette';

interface Place {
  x: number;
  y: number;
}

/** A rectangle scribed with a surface gauge: the lines run a little past the corners. */
export function ScribedBlock({ x, y, width, height }: Place & { width: number; height: number }) {
  const past = 7;
  const line = { stroke: METAL.silver, strokeWidth: 1.6 };
  return (
    <G>
      <Rect x={x} y={y} width={width} height={height} fill="rgba(228,235,241,0.07)" />
      <Line x1={x - past} x2={x + width + past} y1={y} y2={y} {...line} />
      <Line x1={x - past} x2={x + width + past} y1={y + height} y2={y + height} {...line} />
      <Line x1={x} x2={x} y1={y - past} y2={y + height + past} {...line} />
      <Line x1={x + width} x2={x + width} y1={y - past} y2={y + height + past} {...line} />
    </G>
  );
}

/** Part zero: a brass ring with the quarter toward +X +Y filled once both axes are set. */
export function DatumMark({ x, y, set }: Place & { set: boolean }) {
  const r = 11;
  return (
    <G>
      <Line x1={x - r - 5} x2={x + r + 14} y1={y} y2={y} stroke={METAL.brass} strokeWidth={1.6} />
      <Line x1={x} x2={x} y1={y + r + 5} y2={y - r - 14} stroke={METAL.brass} strokeWidth={1.6} />
      {set && <Path d={`M${x} ${y} V${y - r} A${r} ${r} 0 0 1 ${x + r} ${y} Z`} fill={METAL.brass} />}
      <Circle
        cx={x}
        cy={y}
        r={r}
        fill="none"
        stroke={METAL.brass}
        strokeWidth={2}
        strokeDasharray={set ? undefined : '4 4'}
      />
    </G>
  );
}

/** A contact or cutter seen from above, to scale, with its centre. */
export function ContactCircle({ x, y, radius }: Place & { radius: number }) {
  const shown = Math.max(radius, 2.5);
  return (
    <G>
      <Circle cx={x} cy={y} r={shown} fill={METAL.band} stroke={METAL.brass} strokeWidth={2} />
      <Line x1={x - 4} x2={x + 4} y1={y} y2={y} stroke={METAL.brass} strokeWidth={1.2} />
      <Line x1={x} x2={x} y1={y - 4} y2={y + 4} stroke={METAL.brass} strokeWidth={1.2} />
    </G>
  );
}

/** A movement: shaft and head, from one place to another, px. */
export function Arrow({ from, to, colour = METAL.brass }: { from: Place; to: Place; colour?: string }) {
  const along = Math.hypot(to.x - from.x, to.y - from.y);
  if (along < 1) return null;
  const ux = (to.x - from.x) / along;
  const uy = (to.y - from.y) / along;
  const head = 11;
  const neck = { x: to.x - ux * head, y: to.y - uy * head };
  const wing = 6;
  return (
    <G>
      <Line x1={from.x} y1={from.y} x2={neck.x} y2={neck.y} stroke={colour} strokeWidth={3} />
      <Polygon
        points={`${to.x},${to.y} ${neck.x - uy * wing},${neck.y + ux * wing} ${neck.x + uy * wing},${neck.y - ux * wing}`}
        fill={colour}
      />
    </G>
  );
}

interface LabelProps extends Place {
  children: string;
  anchor?: 'start' | 'middle' | 'end';
  size?: number;
  colour?: string;
  words?: boolean;
}

/** Lettering on the metal. */
export function Label({
  x,
  y,
  children,
  anchor = 'middle',
  size = 14,
  colour = METAL.silver,
  words = false,
}: LabelProps) {
  return (
    <SvgText
      x={x}
      y={y}
      textAnchor={anchor}
      fontSize={size}
      fontWeight="700"
      fontFamily={words ? SANS : MONO}
      fill={colour}
    >
      {children}
    </SvgText>
  );
}
