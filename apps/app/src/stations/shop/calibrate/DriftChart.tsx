import type { DriftOutput } from '@zero-point/core/calibration/drift.schema';
import type { KeptResult, KeptVoid } from '@zero-point/core/state/gauges/calibrationSeries';
import { formatLength } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { plusMinus } from '@zero-point/core/messages/basis/verdict';
import { dayWords, VOIDED_WORDS } from '@zero-point/core/messages/gauges/gaugeStatus';
import { scaleLinear, scaleTime } from 'd3-scale';
import { line } from 'd3-shape';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { MONO, SANS } from '../../../theme/faces';
import { useLook } from '../../../theme/useLook';

interface DriftChartProps {
  title: string;
  results: readonly KeptResult[];
  voids: readonly KeptVoid[];
  found: DriftOutput;
  unit: LengthUnit;
}

const HEIGHT = 220;
/** Room above, below, to the left and to the right of the points, px. */
const ROOM = { top: 24, bottom: 26, left: 72, right: 22 } as const;

/** Results in time, each with its ±, the limits the first of them set, and the line through all where it goes somewhere. */
export function DriftChart({ title, results, voids, found, unit }: DriftChartProps) {
  const { palette } = useLook();
  const [width, setWidth] = useState(0);
  const { middle, half } = found.limits;
  const [low, high] = [
    Math.min(middle - half, ...results.map(({ value, U }) => value - U)),
    Math.max(middle + half, ...results.map(({ value, U }) => value + U)),
  ];
  const times = [...results.map(({ at }) => at), ...voids.map(({ at }) => at)].map((at) => Date.parse(at));
  const [first, last] = [Math.min(...times), Math.max(...times)];
  const x = scaleTime([first, Math.max(last, first + 1)], [ROOM.left, Math.max(ROOM.left, width - ROOM.right)]);
  const y = scaleLinear([low, high], [HEIGHT - ROOM.bottom, ROOM.top]);
  const at = (moment: string) => x(Date.parse(moment));
  const show = (mm: number) => formatLength(mm, { unit });
  const way = line<{ at: string; value: number }>(
    (one) => at(one.at),
    (one) => y(one.value),
  );
  const [begin, end] = [found.moved?.from, found.moved?.to];
  const creeps =
    found.verdict === 'trend' && found.line && begin !== undefined && end !== undefined
      ? [
          { at: begin, value: found.line.first },
          { at: end, value: found.line.last },
        ]
      : [];
  const words = `${title}: ${results.map((one) => `${dayWords(one.at)} ${show(one.value)} ${unit} ${plusMinus(one.U, unit)}`).join(', ')}`;
  return (
    <View role="img" aria-label={words} onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}>
      {width > 0 && (
        <Svg width={width} height={HEIGHT} aria-hidden>
          <Rect
            x={ROOM.left}
            y={y(middle + half)}
            width={Math.max(0, width - ROOM.left - ROOM.right)}
            height={y(middle - half) - y(middle + half)}
            fill={palette.line}
            opacity={0.4}
          />
          {y.ticks(4).map((mm) => (
            <G key={mm}>
              <Line
                x1={ROOM.left - 4}
                x2={width - ROOM.right}
                y1={y(mm)}
                y2={y(mm)}
                stroke={palette.line}
                strokeWidth={1}
              />
              <SvgText
                x={ROOM.left - 8}
                y={y(mm) + 5}
                textAnchor="end"
                fontSize={13}
                fontFamily={MONO}
                fill={palette.ink}
              >
                {show(mm)}
              </SvgText>
            </G>
          ))}
          <Path d={way(creeps) ?? ''} fill="none" stroke={palette.bad} strokeWidth={2} strokeDasharray="7 5" />
          {voids.map((one) => (
            <G key={one.id}>
              <Line
                x1={at(one.at)}
                x2={at(one.at)}
                y1={ROOM.top}
                y2={HEIGHT - ROOM.bottom}
                stroke={palette.bad}
                strokeWidth={2}
              />
              <SvgText
                x={at(one.at)}
                y={ROOM.top - 8}
                textAnchor="middle"
                fontSize={13}
                fontFamily={SANS}
                fill={palette.ink}
              >
                {VOIDED_WORDS[one.why]}
              </SvgText>
            </G>
          ))}
          {results.map((one) => (
            <G key={one.id}>
              <Line
                x1={at(one.at)}
                x2={at(one.at)}
                y1={y(one.value + one.U)}
                y2={y(one.value - one.U)}
                stroke={palette.brass}
                strokeWidth={5}
              />
              <Circle cx={at(one.at)} cy={y(one.value)} r={4.5} fill={palette.ink} />
            </G>
          ))}
          <SvgText x={ROOM.left} y={HEIGHT - 6} fontSize={13} fontFamily={SANS} fill={palette.ink}>
            {dayWords(new Date(first).toISOString())}
          </SvgText>
          <SvgText
            x={width - ROOM.right}
            y={HEIGHT - 6}
            textAnchor="end"
            fontSize={13}
            fontFamily={SANS}
            fill={palette.ink}
          >
            {dayWords(new Date(last).toISOString())}
          </SvgText>
          <SvgText x={4} y={14} fontSize={13} fontFamily={SANS} fill={palette.ink}>
            {unit}
          </SvgText>
        </Svg>
      )}
    </View>
  );
}
