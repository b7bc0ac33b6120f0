import { Circle, G, Line, Path } from 'react-native-svg';
import { Label } from '../drawing/marks';
import { METAL } from '../theme/palette';

interface HandwheelDialProps {
  /** Lines once round, and the one under the mark. */
  lines: number;
  line: number;
  at: { x: number; y: number };
  r: number;
  /** Said in the middle. */
  words: string;
}

/** So many lines are drawn at most; beyond that they would run together. */
const MOST_DRAWN = 125;

/** Every tenth line, or all the others, as one path: a wheel is drawn again at every line it turns. */
function ticks(count: number, at: { x: number; y: number }, r: number, tenth: boolean): string {
  const inner = r * (tenth ? 0.78 : 0.88);
  const end = (from: number, angle: number) =>
    `${(at.x + from * Math.cos(angle)).toFixed(2)} ${(at.y + from * Math.sin(angle)).toFixed(2)}`;
  return Array.from({ length: count }, (_, i) => i)
    .filter((i) => (i % 10 === 0) === tenth)
    .map((i) => (2 * Math.PI * i) / count - Math.PI / 2)
    .map((angle) => `M${end(inner, angle)}L${end(r * 0.97, angle)}`)
    .join('');
}

/** A handwheel's dial with one of its lines under the fixed mark. */
export function HandwheelDial({ lines, line, at, r, words }: HandwheelDialProps) {
  const shown = Math.min(lines, MOST_DRAWN);
  return (
    <>
      <Circle cx={at.x} cy={at.y} r={r} fill={METAL.steel} stroke={METAL.silver} strokeWidth={2} />
      <G transform={`rotate(${(-360 * line) / lines} ${at.x} ${at.y})`}>
        <Path d={ticks(shown, at, r, false)} stroke={METAL.steelInk} strokeWidth={1} />
        <Path d={ticks(shown, at, r, true)} stroke={METAL.steelInk} strokeWidth={2} />
      </G>
      <Line x1={at.x} x2={at.x} y1={at.y - r - 6} y2={at.y - r * 0.7} stroke={METAL.brass} strokeWidth={4} />
      <Label x={at.x} y={at.y + 6} colour={METAL.steelInk}>
        {words}
      </Label>
    </>
  );
}
