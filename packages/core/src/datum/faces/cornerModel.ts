import { DEGREES } from '../../units/degrees';
import { mean } from '../../metrology/mean';
import { orthogonalLine } from '../../metrology/fits/orthogonalLine';
import type { Model, UncertaintySource } from '../../metrology/propagate';
import { pooledVariance, SIZE_PART, stoppedRunOutPart, TOUCH_PART } from '../../metrology/touchBudget';
import { Refusal } from '../../problem/problem';
import { contactRadiusLines } from './contactRadius';
import type { CornerInput } from './corner.schema';
import type { Point } from '../../geometry/point';
import { stoppedTirPart, touchSources } from '../touchSources';

export interface FoundCorner {
  corner: Point;
  /** Direction of the face along X, degrees counter-clockwise from X. */
  skew: number;
  /** Angle between the faces less 90, degrees; null where it was taken as square. */
  offSquare: number | null;
  /** Squares of the touches about their lines, and how many are over: what the touches say of their own scatter. */
  squares: number;
  dof: number;
}

interface Line {
  through: Point;
  direction: Point;
  residuals: number[];
}

/**
 * Where the two faces of a corner meet, each moved by its own contact radius toward the part. A face touched at one
 * place only is taken as square to the other, or with it true to the axes. mm.
 *
 * @throws Refusal when a direction is wanted that the touches cannot give, or the faces are all but parallel
 */
export function intersect({ alongX, alongY, want }: CornerInput, radiusX: number, radiusY: number): FoundCorner {
  const measuredX = fitted(alongX.touches, { x: 1, y: 0 });
  const measuredY = fitted(alongY.touches, { x: 0, y: 1 });
  if (want && !measuredX && !measuredY) throw onePlace('alongX');
  if (want === 'squareness') {
    if (!measuredX) throw onePlace('alongX');
    if (!measuredY) throw onePlace('alongY');
  }
  const square = ({ direction: { x, y } }: Line, sense: 1 | -1): Point => ({ x: -sense * y, y: sense * x });
  const rawX = measuredX ?? atOnePlace(alongX.touches, measuredY ? square(measuredY, -1) : { x: 1, y: 0 });
  const rawY = measuredY ?? atOnePlace(alongY.touches, square(rawX, 1));
  const front = offsetLine(rawX, { x: 0, y: alongX.approach }, radiusX);
  const side = offsetLine(rawY, { x: alongY.approach, y: 0 }, radiusY);
  const cross = front.direction.x * side.direction.y - front.direction.y * side.direction.x;
  if (Math.abs(cross) < 0.1) {
    throw new Refusal({
      code: 'faces-parallel',
      field: 'alongY',
      message: 'The two faces come out all but parallel. See which touches belong to which face.',
    });
  }
  const [dx, dy] = [side.through.x - front.through.x, side.through.y - front.through.y];
  const t = (dx * side.direction.y - dy * side.direction.x) / cross;
  const angleOf = ({ x, y }: Point) => Math.atan2(y, x) * DEGREES;
  const over = (line: Line, measured: boolean) => line.residuals.length - (measured ? 2 : 1);
  return {
    corner: { x: front.through.x + t * front.direction.x, y: front.through.y + t * front.direction.y },
    skew: angleOf(front.direction),
    offSquare: measuredX && measuredY ? angleOf(side.direction) - angleOf(front.direction) - 90 : null,
    squares: [...rawX.residuals, ...rawY.residuals].reduce((sum, off) => sum + off ** 2, 0),
    dof: over(rawX, measuredX !== undefined) + over(rawY, measuredY !== undefined),
  };
}

/** Touches nearer together than this along their face, mm, give no direction worth having. */
const LEAST_SPAN = 0.5;

/** The face's line where its touches are far enough apart to give one. */
function fitted(touches: readonly Point[], along: Point): Line | undefined {
  const places = touches.map(({ x, y }) => x * along.x + y * along.y);
  return Math.max(...places) - Math.min(...places) < LEAST_SPAN ? undefined : orthogonalLine(touches, along);
}

/** A face touched at one place, once or more, whose direction is taken from elsewhere. */
function atOnePlace(touches: readonly Point[], direction: Point): Line {
  const through = { x: mean(touches.map(({ x }) => x)), y: mean(touches.map(({ y }) => y)) };
  return {
    through,
    direction,
    residuals: touches.map(({ x, y }) => direction.x * (y - through.y) - direction.y * (x - through.x)),
  };
}

const onePlace = (face: 'alongX' | 'alongY'): Refusal =>
  new Refusal({
    code: 'one-place',
    field: `${face}.touches`,
    message:
      'All touches of a face are at one place, which gives no direction. Touch it at a second place, as far away as it allows.',
  });

/** A line moved by the contact radius along its normal, on the side that points into the part. */
function offsetLine({ through, direction, residuals }: Line, toward: Point, radius: number): Line {
  const left = { x: -direction.y, y: direction.x };
  const side = left.x * toward.x + left.y * toward.y >= 0 ? 1 : -1;
  return {
    through: { x: through.x + side * radius * left.x, y: through.y + side * radius * left.y },
    direction,
    residuals,
  };
}

/** The contact radius of a corner's touches, mm. */
export const radiusOf = ({ contact }: Pick<CornerInput, 'contact'>): number =>
  contactRadiusLines(contact).reduce((sum, { value }) => sum + value, 0);

/**
 * A corner as a model of all that goes into it: each touch across its face, how the contact trips at each face, its size
 * that is off by the same at both, and the eccentricity of a contact that stands still. Its figures: X, Y (mm), skew (degrees).
 */
export function cornerModel(input: CornerInput): Model {
  const radius = radiusOf(input);
  const { squares, dof } = intersect(input, radius, radius);
  const scatter = pooledVariance(input.method, squares, dof);
  const [alongX, alongY] = [input.alongX.touches, input.alongY.touches];
  const firstY = alongX.length;
  const radii = firstY + alongY.length;
  const values = [...alongX.map(({ y }) => y), ...alongY.map(({ x }) => x), radius, 0, 0];
  const touches = values
    .slice(0, radii)
    .flatMap((_, on) => touchSources(input.method, scatter).map((part): UncertaintySource => ({ ...part, on })));
  const size: UncertaintySource = { name: SIZE_PART, u: input.uSize, shape: 'normal', on: radii };
  const contact = [radii + 1, radii + 2].flatMap((on, face): UncertaintySource[] => [
    { name: `${TOUCH_PART}, ${face === 0 ? 'Y' : 'X'}`, u: input.uTouch, shape: 'normal', on },
    { ...stoppedRunOutPart(stoppedTirPart(input)), name: `run-out, standing, ${face === 0 ? 'Y' : 'X'}`, on },
  ]);
  return {
    values,
    sources: [...touches, size, ...contact],
    of: (v) => {
      const found = intersect(
        {
          ...input,
          alongX: { ...input.alongX, touches: alongX.map((touch, i) => ({ ...touch, y: v[i] ?? 0 })) },
          alongY: { ...input.alongY, touches: alongY.map((touch, i) => ({ ...touch, x: v[firstY + i] ?? 0 })) },
        },
        (v[radii] ?? 0) + (v[radii + 1] ?? 0),
        (v[radii] ?? 0) + (v[radii + 2] ?? 0),
      );
      return [found.corner.x, found.corner.y, found.skew];
    },
  };
}
