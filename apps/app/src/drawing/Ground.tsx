import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import Svg, { Defs, LinearGradient, Rect, Stop } from 'react-native-svg';
import { METAL } from '../theme/palette';

interface GroundProps {
  height: number | 'fill';
  /** What the drawing shows, for people who cannot see it. */
  label: string;
  /** Scribed lines and marks, in px of the size given. */
  draw: (width: number, height: number) => ReactNode;
  /** What can be touched on it, laid over in the same px. */
  touch?: (width: number, height: number) => ReactNode;
}

/** Layout blue, brushed on: the ground every drawing is scribed into. */
export function Ground({ height, label, draw, touch }: GroundProps) {
  const [size, setSize] = useState({ width: 0, height: 0 });
  const ready = size.width > 0 && size.height > 0;
  return (
    <View
      onLayout={({ nativeEvent: { layout } }) => setSize({ width: layout.width, height: layout.height })}
      style={{
        backgroundColor: METAL.blue,
        overflow: 'hidden',
        ...(height === 'fill' ? { flex: 1, minHeight: 48 } : { height }),
      }}
    >
      {ready && (
        <>
          <View role="img" aria-label={label}>
            <Svg width={size.width} height={size.height}>
              <Defs>
                <LinearGradient id="dye" x1="0" y1="0" x2="0.4" y2="1">
                  <Stop offset="0" stopColor={METAL.blue} />
                  <Stop offset="1" stopColor={METAL.blueDeep} />
                </LinearGradient>
              </Defs>
              <Rect width={size.width} height={size.height} fill="url(#dye)" />
              {draw(size.width, size.height)}
            </Svg>
          </View>
          {touch?.(size.width, size.height)}
        </>
      )}
    </View>
  );
}
