import { scaleLinear } from 'd3-scale';
import { Circle, Line, Rect } from 'react-native-svg';
import { Label } from '../../../drawing/marks';
import { METAL } from '../../../theme/palette';

interface ApproachStripProps {
  /** Sizes as they were measured, the first before anything was cut, mm. */
  sizes: readonly number[];
  low: number;
  high: number;
  /** What the next pass is to bring, mm. */
  expected: number | undefined;
  width: number;
  tall: number;
  figure: (mm: number) => string;
}

const ROOM = { left: 40, right: 86 };

/** Two figures nearer to each other run together, px. */
const FIGURE = 62;

/** The way to size where there is no height for a chart: sizes along a line, the band at its end, the last one with its figure. */
export function ApproachStrip({ sizes, low, high, expected, width, tall, figure }: ApproachStripProps) {
  const [least, most] = [Math.min(low, ...sizes), Math.max(high, ...sizes)];
  const x = scaleLinear([least, Math.max(most, least + 1e-6)], [ROOM.left, width - ROOM.right]);
  const middle = Math.round(tall * 0.36);
  const last = sizes.at(-1) ?? low;
  const [first = last] = sizes;
  return (
    <>
      <Line x1={x(least)} x2={x(most)} y1={middle} y2={middle} stroke={METAL.silverSoft} strokeWidth={1.5} />
      <Rect
        x={x(low) - 1}
        y={4}
        width={Math.max(4, x(high) - x(low) + 2)}
        height={tall - 8}
        fill={METAL.band}
        stroke={METAL.brass}
        strokeWidth={1}
      />
      <Label x={width - ROOM.right + 14} y={middle + 2} anchor="start" size={13} colour={METAL.brass}>
        {figure(high)}
      </Label>
      <Label x={width - ROOM.right + 14} y={middle + 18} anchor="start" size={13} colour={METAL.brass}>
        {figure(low)}
      </Label>
      {sizes.map((size, i) => (
        <Circle key={i} cx={x(size)} cy={middle} r={size === last ? 6 : 4} fill={METAL.silver} />
      ))}
      {expected !== undefined && (
        <Circle
          cx={x(expected)}
          cy={middle}
          r={7}
          fill="none"
          stroke={METAL.brass}
          strokeWidth={2}
          strokeDasharray="3 3"
        />
      )}
      <Label x={x(last)} y={middle + 22} size={13}>
        {figure(last)}
      </Label>
      {Math.abs(x(last) - x(first)) > FIGURE && (
        <Label x={x(first)} y={middle + 22} size={13}>
          {figure(first)}
        </Label>
      )}
    </>
  );
}
