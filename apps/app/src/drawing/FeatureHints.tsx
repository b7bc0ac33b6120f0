import type { Feature } from '@zero-point/core/records/setup/datumPlan';
import type { Part } from '@zero-point/core/records/shop/part';
import { rectangleOf, roundOf } from '@zero-point/core/datum/feature';
import { facesOfCorner, rectanglesOf, roundsOf, wallTouch } from '@zero-point/core/datum/shapes';
import { Circle, G, Line, Path, Rect } from 'react-native-svg';
import { METAL } from '../theme/palette';
import { Label } from './marks';
import type { View } from './geometry/view';

/** The slots, ribs, bores and bosses of a part that are not among its drawn holes. */
export function ShapeMarks({ part, view }: { part: Part; view: View }) {
  const [, ...shapes] = rectanglesOf(part);
  return (
    <>
      {shapes.map((shape) => (
        <Rect
          key={shape.id}
          x={view.x(shape.from.x)}
          y={view.y(shape.to.y)}
          width={(shape.to.x - shape.from.x) * view.scale}
          height={(shape.to.y - shape.from.y) * view.scale}
          fill={shape.kind === 'pocket' ? METAL.blueDeep : 'rgba(228,235,241,0.16)'}
          stroke={METAL.silver}
          strokeWidth={1.4}
        />
      ))}
      {roundsOf(part)
        .slice(part.holes.length)
        .map(({ id, kind, at, diameter }) => (
          <Circle
            key={id}
            cx={view.x(at.x)}
            cy={view.y(at.y)}
            r={(diameter / 2) * view.scale}
            fill={kind === 'bore' ? METAL.blueDeep : 'rgba(228,235,241,0.16)'}
            stroke={METAL.silver}
            strokeWidth={1.4}
          />
        ))}
    </>
  );
}

const DASH = { stroke: METAL.brass, strokeWidth: 3, strokeDasharray: '2 10', strokeLinecap: 'round' } as const;

/** That a feature can be tapped: a brass dash along a face, an angle at a corner, a ring about a bore, a cross at a middle. */
export function FeatureHint({ part, feature, view }: { part: Part; feature: Feature; view: View }) {
  switch (feature.kind) {
    case 'face': {
      const shape = rectangleOf(part, feature.of);
      const { axis, at } = wallTouch(shape, feature.face);
      const line =
        axis === 'x'
          ? { x1: view.x(at), x2: view.x(at), y1: view.y(shape.from.y), y2: view.y(shape.to.y) }
          : { x1: view.x(shape.from.x), x2: view.x(shape.to.x), y1: view.y(at), y2: view.y(at) };
      const middle = { x: (line.x1 + line.x2) / 2, y: (line.y1 + line.y2) / 2 };
      const inward = feature.face === 'left' || feature.face === 'front' ? 1 : -1;
      return (
        <>
          <Line {...line} {...DASH} />
          {feature.of === undefined && (
            <Label
              x={middle.x + (axis === 'x' ? -inward * 28 : 0)}
              y={middle.y + (axis === 'x' ? 5 : -inward * 20 + 5)}
              colour={METAL.brass}
              size={15}
              words
            >
              {feature.face}
            </Label>
          )}
        </>
      );
    }
    case 'corner': {
      const shape = rectangleOf(part, feature.of);
      const { alongX, alongY } = facesOfCorner(feature.corner);
      const [x, y] = [view.x(wallTouch(shape, alongY).at), view.y(wallTouch(shape, alongX).at)];
      const [right, up] = [alongY === 'left' ? 1 : -1, alongX === 'front' ? -1 : 1];
      const arm = 15;
      return (
        <Path
          d={`M${x + right * arm} ${y} H${x} V${y + up * arm}`}
          fill="none"
          stroke={METAL.brass}
          strokeWidth={4}
          strokeLinejoin="round"
        />
      );
    }
    case 'round': {
      const { at, diameter } = roundOf(part, feature.of);
      return (
        <Circle
          cx={view.x(at.x)}
          cy={view.y(at.y)}
          r={Math.max(9, (diameter / 2) * view.scale + 4)}
          fill="none"
          stroke={METAL.brass}
          strokeWidth={2.5}
          strokeDasharray="2 8"
          strokeLinecap="round"
        />
      );
    }
    case 'middle': {
      const shape = rectangleOf(part, feature.of);
      const [x, y] = [view.x((shape.from.x + shape.to.x) / 2), view.y((shape.from.y + shape.to.y) / 2)];
      return (
        <G>
          <Line x1={x - 11} x2={x + 11} y1={y} y2={y} stroke={METAL.brass} strokeWidth={2.5} />
          <Line x1={x} x2={x} y1={y - 11} y2={y + 11} stroke={METAL.brass} strokeWidth={2.5} />
        </G>
      );
    }
    case 'hole-line':
      return null;
  }
}
