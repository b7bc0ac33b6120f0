import { EDGE_CAUTIONS } from '../cautions/caution';
import { judge } from '../metrology/judge';
import { orthogonalLine } from '../metrology/orthogonalLine';
import { combine, type BudgetPart, type Uncertainty } from '../metrology/uncertainty';
import { Refusal } from '../problem';
import { angleSection } from '../alignment/straighten';
import { sumSection } from '../tape/tape';
import { contactRadiusLines } from './contactRadius';
import type { CornerInput, CornerOutput } from './corner.schema';
import type { Point } from './partFrame';

const DEGREES = 180 / Math.PI;

/** Step of the numerical derivatives, mm: far above the noise of float64, far below what matters. */
const STEP = 1e-4;

interface Found {
  corner: Point;
  skew: number;
  offSquare: number | null;
}

/**
 * A corner from touches of its two faces: an orthogonal least squares line through the contact's centres of each
 * face, moved by the contact radius toward the part, and their intersection. One touch of the second face is enough
 * where the corner is taken as square. mm; angles counter-clockwise seen from above.
 *
 * Uncertainty by propagation through the touches one by one (JCGM 100:2008, 5.1.2), derivatives numerical; the
 * contact's own size is common to all touches of a face.
 *
 * @throws Refusal when the touches of a face are all at one place, or its faces are all but parallel
 * @example
 * corner({ ...ball4, alongX: { touches: [{ x: 15, y: -3.8121 }, { x: 155, y: -2.9568 }], approach: 1 },
 *   alongY: { touches: [{ x: 1.0833, y: 20 }], approach: 1 }, nominal: { x: 0, y: 0 } }).corner // { x: 3.2170, y: -1.8840 }
 */
export function corner(input: CornerInput): CornerOutput {
  const { contact, nominal } = input;
  const radius = contactRadiusLines(contact).reduce((sum, { value }) => sum + value, 0);
  const found = intersect(input, radius, radius);
  const budgets = propagate(input, radius);
  const uncertainty = budgets.x.U >= budgets.y.U ? budgets.x : budgets.y;
  const offset = (axis: 'x' | 'y') =>
    sumSection(
      `Work offset ${axis.toUpperCase()}`,
      [
        { label: 'corner, where the two lines meet', value: found.corner[axis] },
        { label: 'less its place on the part', value: -nominal[axis] },
      ],
      'part zero at',
    );
  return {
    ...found,
    U: { x: budgets.x.U, y: budgets.y.U, skew: budgets.skew.U },
    uncertainty,
    verdict: input.tolerance === undefined ? null : judge(uncertainty.U, input.tolerance),
    tape: {
      sections: [
        sumSection('Contact radius', contactRadiusLines(contact), 'to be added toward the part'),
        angleSection('Skew', [{ label: 'direction of the face along X', value: found.skew }], 'skew'),
        ...(found.offSquare === null
          ? []
          : [
              angleSection(
                'Squareness',
                [{ label: 'angle of the corner less 90°', value: found.offSquare }],
                'off square',
              ),
            ]),
        offset('x'),
        offset('y'),
      ],
    },
    cautions: [
      contact.spin === 'turning' ? EDGE_CAUTIONS.turningFinder : EDGE_CAUTIONS.standingFinder,
      EDGE_CAUTIONS.raiseFirst,
    ],
  };
}

function intersect({ alongX, alongY }: CornerInput, radiusX: number, radiusY: number): Found {
  const front = faceLine(alongX.touches, { x: 1, y: 0 }, { x: 0, y: alongX.approach }, radiusX, 'alongX');
  const square = { x: -front.direction.y, y: front.direction.x };
  const measured = alongY.touches.length > 1;
  const side = measured
    ? faceLine(alongY.touches, { x: 0, y: 1 }, { x: alongY.approach, y: 0 }, radiusY, 'alongY')
    : offsetLine(alongY.touches[0] ?? { x: 0, y: 0 }, square, { x: alongY.approach, y: 0 }, radiusY);
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
  return {
    corner: { x: front.through.x + t * front.direction.x, y: front.through.y + t * front.direction.y },
    skew: angleOf(front.direction),
    offSquare: measured ? angleOf(side.direction) - angleOf(front.direction) - 90 : null,
  };
}

interface Line {
  through: Point;
  direction: Point;
}

function faceLine(touches: readonly Point[], along: Point, toward: Point, radius: number, field: string): Line {
  try {
    const { through, direction } = orthogonalLine(touches, along);
    return offsetLine(through, direction, toward, radius);
  } catch (error) {
    if (!(error instanceof RangeError)) throw error;
    throw new Refusal({
      code: 'one-place',
      field: `${field}.touches`,
      message:
        'All touches of a face are at one place, which gives no direction. Touch it at a second place, as far away as it allows.',
    });
  }
}

/** A line moved by the contact radius along its normal, on the side that points into the part. */
function offsetLine(through: Point, direction: Point, toward: Point, radius: number): Line {
  const left = { x: -direction.y, y: direction.x };
  const side = left.x * toward.x + left.y * toward.y >= 0 ? 1 : -1;
  return {
    through: { x: through.x + side * radius * left.x, y: through.y + side * radius * left.y },
    direction,
  };
}

/** Budgets of the corner's X and Y, mm, and of the skew, degrees. */
function propagate(input: CornerInput, radius: number): { x: Uncertainty; y: Uncertainty; skew: Uncertainty } {
  const { method, finderU, contact } = input;
  const base = intersect(input, radius, radius);
  const rows: { name: string; u: number; shape: 'normal' | 'uniform'; dof?: number; by: Found }[] = [];
  const dof = method.methodDof ?? 10;
  (['alongX', 'alongY'] as const).forEach((face) => {
    const across = face === 'alongX' ? 'y' : 'x';
    input[face].touches.forEach((_, i) => {
      const touches = input[face].touches.map((touch, j) =>
        i === j ? { ...touch, [across]: touch[across] + STEP } : touch,
      );
      const by = intersect({ ...input, [face]: { ...input[face], touches } }, radius, radius);
      rows.push({ name: 'touches', u: method.methodSd, shape: 'normal', dof, by });
      rows.push({ name: 'display step', u: method.resolution / Math.sqrt(12), shape: 'uniform', by });
    });
  });
  const standing = contact.spin === 'standing' ? contact.tir / Math.sqrt(8) : 0;
  const size = Math.hypot(finderU, standing);
  rows.push({ name: 'finder, face along X', u: size, shape: 'normal', by: intersect(input, radius + STEP, radius) });
  rows.push({ name: 'finder, face along Y', u: size, shape: 'normal', by: intersect(input, radius, radius + STEP) });
  const budget = (of: (found: Found) => number): Uncertainty => {
    const parts = rows.map(({ name, u, shape, dof: degrees, by }): BudgetPart => {
      const weight = Math.abs(of(by) - of(base)) / STEP;
      return { name, u: u * weight, shape, ...(degrees !== undefined && { dof: degrees }) };
    });
    return combine(parts);
  };
  return {
    x: budget(({ corner: found }) => found.x),
    y: budget(({ corner: found }) => found.y),
    skew: budget(({ skew }) => skew),
  };
}
