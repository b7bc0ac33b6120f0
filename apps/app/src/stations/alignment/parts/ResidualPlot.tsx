import { formatLength } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { scaleLinear } from 'd3-scale';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Line, Path, Text as SvgText } from 'react-native-svg';
import { MONO, SANS } from '../../../theme/faces';
import { useLook } from '../../../theme/useLook';

interface ResidualPlotProps {
  residuals: readonly { angle: number; residual: number }[];
  unit: LengthUnit;
}

const HEIGHT = 150;

/** What the fit leaves of each reading, round the circle: form, chips and slips show here. */
export function ResidualPlot({ residuals, unit }: ResidualPlotProps) {
  const { palette } = useLook();
  const [width, setWidth] = useState(0);
  const most = Math.max(1e-6, ...residuals.map(({ residual }) => Math.abs(residual)));
  const along = scaleLinear([0, 360], [8, Math.max(8, width - 40)]);
  const x = (angle: number) => along(((angle % 360) + 360) % 360);
  const y = scaleLinear([-most, most], [HEIGHT - 32, 20]);
  // One path for all the points: a mark each would be slow with thousands.
  const dots = residuals.map(({ angle, residual }) => `M${x(angle).toFixed(1)} ${y(residual).toFixed(1)}h0`).join('');
  const decimals = unit === 'mm' ? 4 : 5;
  return (
    <View
      role="img"
      aria-label={`Residuals of ${residuals.length} readings, at most ${formatLength(most, { unit, decimals })} ${unit}`}
      onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
    >
      {width > 0 && (
        <Svg width={width} height={HEIGHT} aria-hidden>
          <Line x1={0} x2={width} y1={y(0)} y2={y(0)} stroke={palette.inkSoft} />
          <Path d={dots} stroke={palette.brass} strokeWidth={4} strokeLinecap="round" />
          <SvgText x={4} y={14} fontSize={13} fontWeight="700" fontFamily={MONO} fill={palette.ink}>
            {`+${formatLength(most, { unit, decimals })} ${unit}`}
          </SvgText>
          {[0, 90, 180, 270].map((angle) => (
            <SvgText key={angle} x={x(angle)} y={HEIGHT - 2} fontSize={13} fontFamily={SANS} fill={palette.ink}>
              {`${angle}°`}
            </SvgText>
          ))}
        </Svg>
      )}
    </View>
  );
}
