import type { Point } from '@zero-point/core/geometry/point';
import { placeLabels } from '@zero-point/core/geometry/placeLabels';
import { memo } from 'react';
import { Circle, Path } from 'react-native-svg';
import { METAL } from '../theme/palette';
import { Label } from './marks';
import type { View } from './geometry/view';

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

/** A pattern drawn smaller than this has the number of the hole in hand alone, px. */
const LEAST_SPREAD = 60;

/** A number as it is drawn, px: how high, and how wide each of its digits. */
const HIGH = 14;
const DIGIT = 9;

const ABOVE: Point = { x: 0, y: -1 };
const BESIDE: Point = { x: 1, y: 0 };

/** Holes of a pattern: all in one scribed path, the one in hand in brass, numbered while there is room. */
export function HolesMark({ holes, others = [], zero, current, view }: HolesMarkProps) {
  const at = ({ x, y }: Point) => ({ x: view.x(zero.x + x), y: view.y(zero.y + y) });
  const inHand = holes.find(({ hole }) => hole === current);
  const middle = {
    x: holes.reduce((sum, hole) => sum + at(hole).x, 0) / holes.length,
    y: holes.reduce((sum, hole) => sum + at(hole).y, 0) / holes.length,
  };
  const marked = (hole: DrawnHole) => ({
    ...at(hole),
    hole: hole.hole,
    // Clear of its outline, and of the ring round the one in hand.
    reach: shownRadius(hole, view) + (hole.hole === current ? 8 : 3),
    width: String(hole.hole).length * DIGIT,
    // Round a middle numbers stand outside; else above, where the next hole of a row is not.
    toward: hole.angle === null ? ABOVE : { x: at(hole).x - middle.x, y: at(hole).y - middle.y },
  });
  // The one in hand has its number, whoever has to give way.
  const first = [...holes].sort((a, b) => Number(b.hole === current) - Number(a.hole === current)).map(marked);
  const spread = Math.max(rangeOf(first.map(({ x }) => x)), rangeOf(first.map(({ y }) => y)));
  const small = spread < LEAST_SPREAD;
  const numbered =
    holes.length > MOST_NUMBERS ? [] : small ? first.slice(0, 1).map((one) => ({ ...one, toward: BESIDE })) : first;
  const boxes = placeLabels(numbered, HIGH);
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
      {numbered.map(({ hole }, i) => {
        const box = boxes[i];
        return (
          box && (
            <Label
              key={hole}
              x={box.x + box.width / 2}
              y={box.y + 0.82 * HIGH}
              colour={hole === current ? METAL.brass : METAL.silver}
            >
              {String(hole)}
            </Label>
          )
        );
      })}
    </>
  );
}

const rangeOf = (values: readonly number[]): number => Math.max(...values) - Math.min(...values);

const shownRadius = ({ diameter }: DrawnHole, view: View): number => Math.max((diameter / 2) * view.scale, 1.5);

interface OutlinesProps extends Pick<HolesMarkProps, 'holes' | 'zero' | 'view'> {
  faint: boolean;
}

/** One path for all, made again only when they or the scale change: thousands of holes stay smooth. */
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
