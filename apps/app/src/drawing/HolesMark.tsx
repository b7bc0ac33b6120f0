import type { HolePosition } from '@zero-point/core/positions/boltCircle.schema';
import type { Point } from '@zero-point/core/datum/partFrame';
import { Circle, Path } from 'react-native-svg';
import { METAL } from '../theme/palette';
import { Label } from './marks';
import type { View } from './view';

interface HolesMarkProps {
  holes: readonly HolePosition[];
  /** Part zero in the part's own frame. */
  zero: Point;
  /** Diameter of the holes, mm. */
  diameter: number;
  /** Number of the hole in hand. */
  current?: number | undefined;
  view: View;
}

/** Beyond this many, numbers would only cover each other. */
const MOST_NUMBERS = 48;

/** Holes of a pattern: all in one scribed path, the one in hand in brass, numbered while there is room. */
export function HolesMark({ holes, zero, diameter, current, view }: HolesMarkProps) {
  const r = Math.max((diameter / 2) * view.scale, 1.5);
  const at = (hole: HolePosition) => ({ x: view.x(zero.x + hole.x), y: view.y(zero.y + hole.y) });
  const outline = holes
    .map((hole) => {
      const { x, y } = at(hole);
      return `M${(x - r).toFixed(2)} ${y.toFixed(2)}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0`;
    })
    .join('');
  const inHand = holes.find(({ hole }) => hole === current);
  const middle = {
    x: holes.reduce((sum, hole) => sum + at(hole).x, 0) / holes.length,
    y: holes.reduce((sum, hole) => sum + at(hole).y, 0) / holes.length,
  };
  return (
    <>
      <Path d={outline} fill="none" stroke={METAL.silver} strokeWidth={1.8} />
      {inHand && (
        <Circle cx={at(inHand).x} cy={at(inHand).y} r={r + 3} fill={METAL.band} stroke={METAL.brass} strokeWidth={3} />
      )}
      {holes.length <= MOST_NUMBERS &&
        holes.map((hole) => {
          const { x, y } = at(hole);
          const away = Math.hypot(x - middle.x, y - middle.y) || 1;
          const out = r + 12;
          return (
            <Label
              key={hole.hole}
              x={x + ((x - middle.x) / away) * out}
              y={y + ((y - middle.y) / away) * out + 5}
              colour={hole.hole === current ? METAL.brass : METAL.silver}
            >
              {String(hole.hole)}
            </Label>
          );
        })}
    </>
  );
}
