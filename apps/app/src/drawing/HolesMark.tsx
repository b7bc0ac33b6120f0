import type { Point } from '@zero-point/core/geometry/point';
import { memo } from 'react';
import { Circle, Path } from 'react-native-svg';
import { METAL } from '../theme/palette';
import { Label } from './marks';
import type { View } from './view';
import { withRoom } from './withRoom';

/** A hole to draw: its number, where it is from part zero, and its size, mm. */
interface DrawnHole extends Point {
  hole: number;
  diameter: number;
  /** Seen from the middle of its pattern, where it has one. */
  angle: number | null;
}

interface HolesMarkProps {
  holes: readonly DrawnHole[];
  /** Holes of other patterns, that step back. */
  others?: readonly DrawnHole[];
  /** Part zero in the part's own frame. */
  zero: Point;
  /** Number of the hole in hand. */
  current?: number | undefined;
  view: View;
}

/** Beyond this many, numbers would only cover each other. */
const MOST_NUMBERS = 48;

/** Holes of a pattern: all in one scribed path, the one in hand in brass, numbered while there is room. */
export function HolesMark({ holes, others = [], zero, current, view }: HolesMarkProps) {
  const at = ({ x, y }: Point) => ({ x: view.x(zero.x + x), y: view.y(zero.y + y) });
  const inHand = holes.find(({ hole }) => hole === current);
  const middle = {
    x: holes.reduce((sum, hole) => sum + at(hole).x, 0) / holes.length,
    y: holes.reduce((sum, hole) => sum + at(hole).y, 0) / holes.length,
  };
  const beside = (hole: DrawnHole) => {
    const { x, y } = at(hole);
    const out = shownRadius(hole, view) + 12;
    // Round a middle numbers stand outside; else above, where the next hole of a row is not.
    const away = Math.hypot(x - middle.x, y - middle.y) || 1;
    const [dx, dy] = hole.angle === null ? [0, -1] : [(x - middle.x) / away, (y - middle.y) / away];
    return { hole: hole.hole, x: x + dx * out, y: y + dy * out + 5 };
  };
  const numbers = holes.length > MOST_NUMBERS ? [] : withRoom(holes.map(beside), ({ hole }) => hole === current);
  return (
    <>
      <Outlines holes={others} zero={zero} view={view} faint />
      <Outlines holes={holes} zero={zero} view={view} faint={false} />
      {inHand && (
        <Circle
          cx={at(inHand).x}
          cy={at(inHand).y}
          r={shownRadius(inHand, view) + 3}
          fill={METAL.band}
          stroke={METAL.brass}
          strokeWidth={3}
        />
      )}
      {numbers.map(({ hole, x, y }) => (
        <Label key={hole} x={x} y={y} colour={hole === current ? METAL.brass : METAL.silver}>
          {String(hole)}
        </Label>
      ))}
    </>
  );
}

const shownRadius = ({ diameter }: DrawnHole, view: View): number => Math.max((diameter / 2) * view.scale, 1.5);

interface OutlinesProps extends Pick<HolesMarkProps, 'holes' | 'zero' | 'view'> {
  faint: boolean;
}

/** One path for all, made anew only when they or the scale change: thousands of holes stay smooth. */
const Outlines = memo(
  function Outlines({ holes, zero, view, faint }: OutlinesProps) {
    const path = holes
      .map((hole) => {
        const r = shownRadius(hole, view);
        const [x, y] = [view.x(zero.x + hole.x), view.y(zero.y + hole.y)];
        return `M${(x - r).toFixed(2)} ${y.toFixed(2)}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0`;
      })
      .join('');
    return <Path d={path} fill="none" stroke={METAL.silver} strokeWidth={faint ? 1 : 1.8} opacity={faint ? 0.55 : 1} />;
  },
  (a, b) =>
    a.holes === b.holes &&
    a.view.scale === b.view.scale &&
    a.view.x(0) === b.view.x(0) &&
    a.view.y(0) === b.view.y(0) &&
    a.zero.x === b.zero.x &&
    a.zero.y === b.zero.y,
);
