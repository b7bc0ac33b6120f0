import type { Feature } from '@zero-point/core/records/setup/datumPlan';
import type { Part } from '@zero-point/core/records/shop/part';
import { CORNERS, FACES } from '@zero-point/core/records/values/faces';
import { facesOfCorner, rectanglesOf, roundsOf, wallTouch, type Rectangle } from '@zero-point/core/datum/shapes';
import { placeTargets, type TargetWanted } from './targetPlace';
import type { View } from './view';

/** Size of the target at a corner, and how deep one is along a face, px. */
const CORNER = 52;
const DEEP = 48;

const of = ({ id }: Rectangle) => (id === 'stock' ? {} : { of: id });

/** How far a target of the stock stands out, so that what lies close inside has room too, px. */
const OUT = 12;

const outward = ({ kind }: Rectangle, face: (typeof FACES)[number]): number =>
  kind !== 'stock' ? 0 : face === 'left' || face === 'front' ? -OUT : OUT;

/** Where a face can be tapped: its length between the corners' targets, mostly outside of it. */
function faceWanted(shape: Rectangle, face: (typeof FACES)[number], view: View): TargetWanted<Feature> {
  const { axis, at } = wallTouch(shape, face);
  const along = axis === 'x' ? 'y' : 'x';
  const middle = (shape.from[along] + shape.to[along]) / 2;
  const length = Math.max(DEEP, (shape.to[along] - shape.from[along]) * view.scale - CORNER - 4);
  const aside = outward(shape, face);
  const place =
    axis === 'x' ? { x: view.x(at) + aside, y: view.y(middle) } : { x: view.x(middle), y: view.y(at) - aside };
  return {
    thing: { kind: 'face', face, ...of(shape) },
    ...place,
    width: axis === 'x' ? DEEP : length,
    height: axis === 'x' ? length : DEEP,
  };
}

function cornerWanted(shape: Rectangle, corner: (typeof CORNERS)[number], view: View): TargetWanted<Feature> {
  const { alongX, alongY } = facesOfCorner(corner);
  const at = { x: wallTouch(shape, alongY).at, y: wallTouch(shape, alongX).at };
  return {
    thing: { kind: 'corner', corner, ...of(shape) },
    x: view.x(at.x) + outward(shape, alongY),
    y: view.y(at.y) - outward(shape, alongX),
    width: CORNER,
    height: CORNER,
  };
}

function middleWanted(shape: Rectangle, view: View): TargetWanted<Feature> {
  return {
    thing: { kind: 'middle', axis: 'x', ...of(shape) },
    x: view.x((shape.from.x + shape.to.x) / 2),
    y: view.y((shape.from.y + shape.to.y) / 2),
    width: DEEP,
    height: DEEP,
  };
}

/**
 * What of a part can be tapped on its drawing, the stock's faces and corners first, then bores by size; and what has no
 * room there for a finger.
 */
export function featurePlaces(part: Part, view: View): { placed: TargetWanted<Feature>[]; left: Feature[] } {
  const [stock, ...shapes] = rectanglesOf(part);
  if (!stock) return { placed: [], left: [] };
  const rounds = [...roundsOf(part)].sort((a, b) => b.diameter - a.diameter);
  const edges = (shape: Rectangle) => [
    ...CORNERS.map((corner) => cornerWanted(shape, corner, view)),
    ...FACES.map((face) => faceWanted(shape, face, view)),
  ];
  return placeTargets<Feature>([
    ...edges(stock),
    ...rounds.map(({ id, at, diameter }) => ({
      thing: { kind: 'round', of: id } as Feature,
      x: view.x(at.x),
      y: view.y(at.y),
      width: diameter * view.scale,
      height: diameter * view.scale,
    })),
    middleWanted(stock, view),
    ...shapes.flatMap((shape) => [middleWanted(shape, view), ...edges(shape)]),
  ]);
}
