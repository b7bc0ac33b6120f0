import type { BorePass } from '@zero-point/core/boreAndFace/bore.schema';
import { formatLength } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { Circle, G, Line, Path, Rect } from 'react-native-svg';
import { Ground } from '../../../drawing/Ground';
import { Label } from '../../../drawing/marks';
import { METAL } from '../../../theme/palette';
import { ApproachStrip } from './ApproachStrip';

interface ApproachChartProps {
  start: number;
  passes: readonly BorePass[];
  low: number;
  high: number;
  /** What the next pass is to bring. */
  expected: number | undefined;
  unit: LengthUnit;
  height: number | 'fill';
}

const SHOWN = 8;

/** Lower than this there is no height to show a size by, px. */
const LOW = 120;

const ROOM = { left: 14, right: 76, top: 34, bottom: 30 };

/** The way to size, pass by pass: what was set, what was measured, and the band it must come into. */
export default function ApproachChart({ start, passes, low, high, expected, unit, height }: ApproachChartProps) {
  const all = [{ set: undefined, measured: start }, ...passes];
  // As many as fit; the first of them is where the chart begins.
  const shown = all.slice(-SHOWN);
  const count = shown.length + (expected === undefined ? 0 : 1);
  const sizes = [low, high, ...shown.flatMap(({ set, measured }) => [set ?? measured, measured])];
  const [least, most] = [Math.min(...sizes), Math.max(...sizes, expected ?? low)];
  const figure = (mm: number) => formatLength(mm, { unit });
  const words = `Size after each pass, ${unit}: ${shown.map(({ measured }) => figure(measured)).join(', ')}; limits ${figure(low)} to ${figure(high)}`;
  return (
    <Ground
      height={height}
      label={words}
      draw={(width, tall) => {
        if (tall < LOW) {
          const measured = shown.map((one) => one.measured);
          return <ApproachStrip {...{ sizes: measured, low, high, expected, width, tall, figure }} />;
        }
        const x = scaleLinear([0, Math.max(1, count - 1)], [ROOM.left + 24, width - ROOM.right - 24]);
        const y = scaleLinear([least, Math.max(most, least + 1e-6)], [tall - ROOM.bottom, ROOM.top]);
        const way = line<(typeof shown)[number]>(
          (_, i) => x(i),
          ({ measured }) => y(measured),
        );
        const right = width - ROOM.right;
        return (
          <>
            <Rect
              x={ROOM.left}
              y={y(high) - 1}
              width={right - ROOM.left}
              height={Math.max(3, y(low) - y(high) + 2)}
              fill={METAL.band}
              stroke={METAL.brass}
              strokeWidth={1}
            />
            <Label x={right + 6} y={y((low + high) / 2) - 3} anchor="start" size={13} colour={METAL.brass}>
              {figure(high)}
            </Label>
            <Label x={right + 6} y={y((low + high) / 2) + 12} anchor="start" size={13} colour={METAL.brass}>
              {figure(low)}
            </Label>
            <Path d={way(shown) ?? ''} fill="none" stroke={METAL.silver} strokeWidth={1.6} />
            {shown.map(({ set, measured }, i) => (
              <G key={i}>
                {set !== undefined && (
                  <Line x1={x(i) - 9} x2={x(i) + 9} y1={y(set)} y2={y(set)} stroke={METAL.silverSoft} strokeWidth={2} />
                )}
                <Circle cx={x(i)} cy={y(measured)} r={5} fill={METAL.silver} />
                <Label x={x(i)} y={y(measured) + 20} size={13}>
                  {figure(measured)}
                </Label>
              </G>
            ))}
            {expected !== undefined && (
              <Circle
                cx={x(count - 1)}
                cy={y(expected)}
                r={6}
                fill="none"
                stroke={METAL.brass}
                strokeWidth={2}
                strokeDasharray="3 3"
              />
            )}
            <Label x={ROOM.left} y={18} anchor="start" size={13} colour={METAL.silverSoft} words>
              {`${unit}, dot measured, dash set${expected === undefined ? '' : ', ring expected next'}`}
            </Label>
          </>
        );
      }}
    />
  );
}
