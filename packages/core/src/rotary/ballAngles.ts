import { EDGE_CAUTIONS, METHOD_CAUTIONS } from '../cautions/caution';
import { pooledVariance } from '../metrology/touchBudget';
import { combine } from '../metrology/uncertainty';
import { Refusal } from '../problem/problem';
import { sumSection } from '../working/working';
import { RADIANS, cosDegrees, sinDegrees } from '../units/degrees';
import type { BallAnglesInput, BallAnglesOutput } from './ballAngles.schema';
import { acrossNames, partTurn } from './turn';

/** Commands nearer than this are one angle, and all within the second tell no centre, degrees. */
const SAME = 0.01;
const LEAST_SPAN = 20;

/** Spans under this are weak, degrees. */
const WEAK_SPAN = 90;

/** How much better the other sense has to fit before it is said to be the true one. */
const FAR_BETTER = 4;

/**
 * Centre of rotation from one ball or pin found at three angles or more: p = C + R(part's turn) q by least squares in C and
 * q, which is linear since the angles are known. Its ± shrinks with the angle gone through: √(n / (n² - |Σ e^it|²)) of one
 * place (JCGM 100:2008, H.3). mm, degrees; senses after ISO 841.
 *
 * @throws Refusal for equal angles, angles within 20°, or a ball that went the other way round than the sense says
 * @example
 * ballAngles({ axis: 'C', sense: 1, uPoint: 0.002, step: 0, points: [{ command: 0, at: [10, 0] },
 *   { command: -90, at: [0, 10] }, { command: 180, at: [-10, 0] }] }).centre // [0, 0]
 */
export function ballAngles(input: BallAnglesInput): BallAnglesOutput {
  const { axis, sense, points, uPoint, step } = input;
  const commands = points.map(({ command }) => command);
  const span = spanOf(commands);
  requireAngles(commands, span);
  const fit = fitted(points, sense);
  const other = fitted(points, sense === 1 ? -1 : 1);
  const arm = Math.hypot(...fit.q);
  const tell = (uPoint ** 2 + (arm * step * RADIANS) ** 2) * fit.dof;
  if (fit.squares > FAR_BETTER * Math.max(other.squares, tell) && fit.squares > FAR_BETTER ** 2 * tell) {
    throw new Refusal({
      code: 'sense-reversed',
      field: 'sense',
      message: `The ball went round the other way than ${axis} is said to count. Make the trial turn again, or see the signs of the commands.`,
    });
  }
  const { variance, dof } = pooledVariance({ resolution: 0, methodSd: uPoint }, fit.squares, fit.dof);
  const share = Math.sqrt(points.length / fit.determinant);
  const uncertainty = combine([
    { name: 'places of the ball', u: Math.sqrt(variance) * share, shape: 'normal', dof },
    { name: `step of ${axis}`, u: ((arm * step * Math.PI) / 180 / Math.sqrt(12)) * share, shape: 'normal' },
  ]);
  const [first, second] = acrossNames(axis);
  const n = points.length;
  const section = (name: string, i: 0 | 1) =>
    sumSection(
      `${name} of the centre`,
      [
        ...points.map(({ command, at }) => ({
          label: `ball at ${axis}`,
          value: at[i] / n,
          detail: [{ angle: command }, ': ', { length: at[i] }, ` / ${n}`],
        })),
        {
          label: 'less the mean of where its arm turned to',
          value: fit.centre[i] - points.reduce((sum, { at }) => sum + at[i] / n, 0),
        },
      ],
      `${name}`,
    );
  return {
    centre: fit.centre,
    U: [uncertainty.U, uncertainty.U],
    arm,
    residual: fit.worst,
    notes: span < WEAK_SPAN ? [{ code: 'short-arc', of: 'touches', arc: span }] : [],
    uncertainty,
    tape: { sections: [section(first, 0), section(second, 1)] },
    cautions: [EDGE_CAUTIONS.raiseFirst, METHOD_CAUTIONS.probeSlow],
  };
}

/** Angle of the circle that the commands go through: all of it less the widest gap. */
function spanOf(commands: readonly number[]): number {
  const round = commands.map((command) => ((command % 360) + 360) % 360).sort((a, b) => a - b);
  const gaps = round.map((angle, i) => (round[i + 1] ?? (round[0] ?? 0) + 360) - angle);
  return 360 - Math.max(...gaps);
}

function requireAngles(commands: readonly number[], span: number): void {
  const apart = (a: number, b: number) => Math.abs(((((a - b) % 360) + 540) % 360) - 180);
  const twice = commands.find((command, i) => commands.slice(0, i).some((other) => apart(command, other) < SAME));
  if (twice !== undefined) {
    throw new Refusal({
      code: 'equal-angles',
      field: 'points',
      message: 'Two of the angles are the same. Turn the axis on and find the ball again.',
    });
  }
  if (span < LEAST_SPAN) {
    throw new Refusal({
      code: 'angles-too-near',
      field: 'points',
      message: `All angles lie within ${LEAST_SPAN}°, where every centre fits as well as another. Turn further: a third of the way round each time is best.`,
    });
  }
}

/** Least squares of p = C + e^it q, in complex numbers. */
function fitted(points: BallAnglesInput['points'], sense: 1 | -1) {
  const n = points.length;
  const turned = points.map(({ command, at: [u, v] }) => {
    const by = partTurn({ sense, command });
    const [c, s] = [cosDegrees(by), sinDegrees(by)];
    return { u, v, c, s, backU: u * c + v * s, backV: v * c - u * s };
  });
  const sum = (pick: (one: (typeof turned)[number]) => number) => turned.reduce((total, one) => total + pick(one), 0);
  const [c, s] = [sum((one) => one.c), sum((one) => one.s)];
  const [u, v] = [sum((one) => one.u), sum((one) => one.v)];
  const [backU, backV] = [sum((one) => one.backU), sum((one) => one.backV)];
  const determinant = n * n - c * c - s * s;
  const centre: [number, number] = [
    (n * u - (c * backU - s * backV)) / determinant,
    (n * v - (s * backU + c * backV)) / determinant,
  ];
  const q: [number, number] = [
    (n * backU - (c * u + s * v)) / determinant,
    (n * backV - (c * v - s * u)) / determinant,
  ];
  const residuals = turned.map((one) =>
    Math.hypot(one.u - centre[0] - q[0] * one.c + q[1] * one.s, one.v - centre[1] - q[0] * one.s - q[1] * one.c),
  );
  return {
    centre,
    q,
    determinant,
    squares: residuals.reduce((total, residual) => total + residual ** 2, 0),
    worst: Math.max(...residuals),
    dof: 2 * n - 4,
  };
}
