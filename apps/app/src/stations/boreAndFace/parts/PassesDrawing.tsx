import type { FacingOutput } from '@zero-point/core/boreAndFace/facing.schema';
import { formatLength } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { G, Line, Rect } from 'react-native-svg';
import { Ground } from '../../../drawing/Ground';
import { Label } from '../../../drawing/marks';
import { METAL } from '../../../theme/palette';

interface PassesDrawingProps {
  passes: FacingOutput['passes'];
  unit: LengthUnit;
  height: number | 'fill';
}

const SIDE = 20;
const MOST_NAMED = 8;

/** A thinner layer has its name above it, at the other side, px. */
const ROOM_FOR_NAME = 18;

/** What comes off, seen from the front: a layer for each pass, the height wanted in brass. */
export function PassesDrawing({ passes, unit, height }: PassesDrawingProps) {
  const total = passes.reduce((sum, { depth }) => sum + depth, 0);
  const figure = (mm: number) => formatLength(mm, { unit });
  return (
    <Ground
      height={height}
      label={`${passes.length} passes, ${figure(total)} ${unit} in all`}
      draw={(width, tall) => {
        const top = 20;
        const bottom = tall - 44;
        const y = (removed: number) => top + (removed / total) * (bottom - top);
        return (
          <>
            {passes.map(({ depth, left, finish }, i) => {
              const from = y(total - left - depth);
              const to = y(total - left);
              return (
                <G key={i}>
                  <Rect
                    x={SIDE}
                    y={from}
                    width={width - 2 * SIDE}
                    height={to - from}
                    fill={finish ? METAL.band : 'rgba(228,235,241,0.07)'}
                    stroke={METAL.silverSoft}
                    strokeWidth={1}
                  />
                  {passes.length <= MOST_NAMED && (
                    <Label
                      x={to - from < ROOM_FOR_NAME ? width - SIDE - 10 : SIDE + 10}
                      y={to - from < ROOM_FOR_NAME ? from - 4 : (from + to) / 2 + 5}
                      anchor={to - from < ROOM_FOR_NAME ? 'end' : 'start'}
                      size={13}
                    >
                      {`${finish ? 'finish' : i + 1}  −${figure(depth)} ${unit}`}
                    </Label>
                  )}
                </G>
              );
            })}
            <Rect x={SIDE} y={bottom} width={width - 2 * SIDE} height={tall - bottom} fill="rgba(228,235,241,0.16)" />
            <Line
              x1={SIDE - 10}
              x2={width - SIDE + 10}
              y1={bottom}
              y2={bottom}
              stroke={METAL.brass}
              strokeWidth={2.5}
            />
            <Label x={SIDE + 10} y={tall - 16} anchor="start" size={13} colour={METAL.brass} words>
              {`height wanted, ${figure(total)} ${unit} lower`}
            </Label>
          </>
        );
      }}
    />
  );
}
