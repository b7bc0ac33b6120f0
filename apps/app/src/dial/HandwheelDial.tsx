import { Circle, Line } from 'react-native-svg';
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

/** A handwheel's dial with one of its lines under the fixed mark. */
export function HandwheelDial({ lines, line, at, r, words }: HandwheelDialProps) {
  const shown = Math.min(lines, MOST_DRAWN);
  const turn = (2 * Math.PI * line) / lines;
  return (
    <>
      <Circle cx={at.x} cy={at.y} r={r} fill={METAL.steel} stroke={METAL.silver} strokeWidth={2} />
      {Array.from({ length: shown }, (_, i) => {
        const angle = (2 * Math.PI * i) / shown - turn - Math.PI / 2;
        const inner = r * (i % 10 === 0 ? 0.78 : 0.88);
        return (
          <Line
            key={i}
            x1={at.x + inner * Math.cos(angle)}
            y1={at.y + inner * Math.sin(angle)}
            x2={at.x + r * 0.97 * Math.cos(angle)}
            y2={at.y + r * 0.97 * Math.sin(angle)}
            stroke={METAL.steelInk}
            strokeWidth={i % 10 === 0 ? 2 : 1}
          />
        );
      })}
      <Line x1={at.x} x2={at.x} y1={at.y - r - 6} y2={at.y - r * 0.7} stroke={METAL.brass} strokeWidth={4} />
      <Label x={at.x} y={at.y + 6} colour={METAL.steelInk}>
        {words}
      </Label>
    </>
  );
}
