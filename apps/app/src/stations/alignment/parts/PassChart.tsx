import { formatLength } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Polyline, Rect, Text as SvgText } from 'react-native-svg';
import { MONO, SANS } from '../../../theme/faces';
import { useLook } from '../../../theme/useLook';
import { plusMinus } from '@zero-point/core/words/goodness';

interface PassChartProps {
  history: readonly { pass: number; error: number; U: number }[];
  allowed: number;
  unit: LengthUnit;
}

const HEIGHT = 164;
/** Room for the figures above and below the points, px. */
const ROOM = 40;
const LEFT = 16;
const MOST_SHOWN = 8;

/** What was left after each pass, with its ±, against the band that is allowed. */
export function PassChart({ history, allowed, unit }: PassChartProps) {
  const { palette } = useLook();
  const [width, setWidth] = useState(0);
  const shown = history.slice(-MOST_SHOWN);
  const most = Math.max(allowed * 1.6, ...shown.map(({ error, U }) => Math.abs(error) + U));
  const y = (mm: number) => HEIGHT / 2 - (mm / most) * (HEIGHT / 2 - ROOM);
  const x = (i: number) => LEFT + 34 + (i * (width - LEFT - 90)) / Math.max(1, shown.length - 1);
  const words = `Left after each pass: ${shown.map(({ pass, error }) => `pass ${pass} ${formatLength(error, { unit, plus: true })} ${unit}`).join(', ')}; allowed ${plusMinus(allowed, unit)}`;
  return (
    <View role="img" aria-label={words} onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}>
      {width > 0 && (
        <Svg width={width} height={HEIGHT} aria-hidden>
          <Rect
            x={0}
            y={y(allowed)}
            width={width}
            height={y(-allowed) - y(allowed)}
            fill={palette.line}
            opacity={0.45}
          />
          <Line x1={0} x2={width} y1={y(0)} y2={y(0)} stroke={palette.inkSoft} strokeWidth={1} />
          <SvgText x={4} y={y(allowed) + 14} fontSize={12} fontFamily={SANS} fill={palette.ink}>
            {`allowed ${plusMinus(allowed, unit)}`}
          </SvgText>
          <Polyline
            points={shown.map(({ error }, i) => `${x(i)},${y(error)}`).join(' ')}
            fill="none"
            stroke={palette.ink}
            strokeWidth={1.5}
          />
          {shown.map(({ pass, error, U }, i) => (
            <G key={pass}>
              <Line x1={x(i)} x2={x(i)} y1={y(error + U)} y2={y(error - U)} stroke={palette.brass} strokeWidth={6} />
              <Circle cx={x(i)} cy={y(error)} r={4.5} fill={palette.ink} />
              <SvgText
                x={x(i)}
                y={error >= 0 ? y(error + U) - 6 : y(error - U) + 16}
                textAnchor="middle"
                fontSize={13}
                fontWeight="700"
                fontFamily={MONO}
                fill={palette.ink}
              >
                {formatLength(error, { unit, plus: true })}
              </SvgText>
              <SvgText x={x(i)} y={HEIGHT - 3} textAnchor="middle" fontSize={12} fontFamily={SANS} fill={palette.ink}>
                {`pass ${pass}`}
              </SvgText>
            </G>
          ))}
        </Svg>
      )}
    </View>
  );
}
