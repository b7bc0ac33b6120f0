import { formatLength } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { scaleLinear, scalePoint } from 'd3-scale';
import { line } from 'd3-shape';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { MONO, SANS } from '../../../theme/faces';
import { useLook } from '../../../theme/useLook';
import { AppText } from '../../../theme/AppText';
import { plusMinus } from '@zero-point/core/messages/basis/verdict';

interface PassChartProps {
  history: readonly { pass: number; error: number; U: number }[];
  allowed: number;
  unit: LengthUnit;
}

const HEIGHT = 190;
/** Room for the figures above and below the points, px. */
const ROOM = 40;
/** Half the width of the widest figure, px. */
const SIDE = 48;
const MOST_SHOWN = 8;

/** What was left after each pass, with its ±, against the band that is allowed. */
export function PassChart({ history, allowed, unit }: PassChartProps) {
  const { palette } = useLook();
  const [width, setWidth] = useState(0);
  const shown = history.slice(-MOST_SHOWN);
  const most = Math.max(allowed * 1.6, ...shown.map(({ error, U }) => Math.abs(error) + U));
  const y = scaleLinear([-most, most], [HEIGHT - ROOM, ROOM]);
  const along = scalePoint(
    shown.map(({ pass }) => pass),
    [SIDE, Math.max(SIDE, width - SIDE)],
  );
  const x = (pass: number) => along(pass) ?? SIDE;
  const way = line<(typeof shown)[number]>(
    ({ pass }) => x(pass),
    ({ error }) => y(error),
  );
  const words = `Left after ${shown.length === 1 ? 'this' : 'each'} pass: ${shown.map(({ pass, error }) => `pass ${pass} ${formatLength(error, { unit, plus: true })} ${unit}`).join(', ')}; allowed ${plusMinus(allowed, unit)}`;
  // One pass is no trend: a sentence says it better than a point.
  if (shown.length < 2) return <AppText kind="note">{words}.</AppText>;
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
          <SvgText x={4} y={y(allowed) + 14} fontSize={13} fontFamily={SANS} fill={palette.ink}>
            {`allowed ${plusMinus(allowed, unit)}`}
          </SvgText>
          <Path d={way(shown) ?? ''} fill="none" stroke={palette.ink} strokeWidth={1.5} />
          {shown.map(({ pass, error, U }) => (
            <G key={pass}>
              <Line
                x1={x(pass)}
                x2={x(pass)}
                y1={y(error + U)}
                y2={y(error - U)}
                stroke={palette.brass}
                strokeWidth={6}
              />
              <Circle cx={x(pass)} cy={y(error)} r={4.5} fill={palette.ink} />
              <SvgText
                x={x(pass)}
                y={error >= 0 ? y(error + U) - 6 : y(error - U) + 16}
                textAnchor="middle"
                fontSize={13}
                fontWeight="700"
                fontFamily={MONO}
                fill={palette.ink}
              >
                {formatLength(error, { unit, plus: true })}
              </SvgText>
              <SvgText
                x={x(pass)}
                y={HEIGHT - 3}
                textAnchor="middle"
                fontSize={13}
                fontFamily={SANS}
                fill={palette.ink}
              >
                {`pass ${pass}`}
              </SvgText>
            </G>
          ))}
        </Svg>
      )}
    </View>
  );
}
