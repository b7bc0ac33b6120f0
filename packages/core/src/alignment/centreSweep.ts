import { ALIGNMENT_CAUTIONS } from '../cautions/caution';
import { harmonicFit } from '../metrology/fits/harmonicFit';
import { pooledVariance } from '../metrology/touchBudget';
import { combine, type Uncertainty } from '../metrology/uncertainty';
import { Refusal } from '../problem/problem';
import { sumSection } from '../working/working';
import type { CentreSweepInput, CentreSweepOutput } from './centreSweep.schema';
import { alignOnLine } from './inLine';
import { requireInRange } from './inRange';

/** Arc that must be spanned at least, and under which the weak direction is warned of, degrees. */
const LEAST_ARC = 60;
const GOOD_ARC = 180;

/** How many of the tape's readings are written out. */
const TAPE_READINGS = 12;

/**
 * A bore or boss under the spindle, by sweeping an indicator round it: m = m0 + a cos t + b sin t by least squares.
 * Spindle less centre is (a, b) in a bore and -(a, b) on a boss, pressed = plus; the spindle moves by the opposite.
 * mm; angles in degrees counter-clockwise from +X seen from above.
 *
 * @throws Refusal for fewer than three different angles, all within 60°, or a reading beyond the indicator's range
 * @example
 * // bore, 0°:+0.06 90°:-0.02 180°:-0.04 270°:+0.04
 * centreSweep(sweepCase).move // { x: -0.05, y: 0.03 }
 */
export function centreSweep(input: CentreSweepInput): CentreSweepOutput {
  const { feature, points, indicator } = input;
  requireInRange(
    points.map(({ reading }) => reading),
    indicator.range,
    'points',
  );
  const arc = arcSpanned(points.map(({ angle }) => angle));
  const fit = harmonicFit(points);
  const toward = (feature === 'bore' ? 1 : -1) * indicator.sense;
  const off = { x: toward * fit.a, y: toward * fit.b };
  const { variance, dof } = pooledVariance(indicator, fit.squares, fit.dof);
  const along = (weight: number): Uncertainty =>
    combine([
      { name: 'repeats', u: Math.sqrt(variance * weight), shape: 'normal', dof },
      { name: 'display step', u: indicator.resolution * Math.sqrt(weight / 12), shape: 'uniform' },
    ]);
  const [ux, uy] = [along(fit.varianceA), along(fit.varianceB)];
  const uncertainty = ux.U >= uy.U ? ux : uy;
  const error = Math.hypot(off.x, off.y);
  const readings = points.map(({ reading }) => reading);
  const axisSection = (axis: 'x' | 'y') =>
    sumSection(
      `Move ${axis.toUpperCase()}`,
      [{ label: `less the spindle’s place in ${axis.toUpperCase()}, by the fit`, value: -off[axis] }],
      `move ${axis.toUpperCase()} by`,
    );
  return {
    off,
    move: { x: -off.x + 0, y: -off.y + 0 },
    error,
    shouldRead: fit.mean,
    tir: spread(readings),
    form: points.length > 3 ? spread(fit.residuals) : null,
    residuals: points.map(({ angle }, i) => ({ angle, residual: fit.residuals[i] ?? 0 })),
    U: { x: ux.U, y: uy.U },
    state: alignOnLine(error, uncertainty.U, input.allowed),
    uncertainty,
    notes: arc < GOOD_ARC ? [{ code: 'short-arc', of: 'readings', arc }] : [],
    tape: {
      sections: [
        {
          title: points.length > TAPE_READINGS ? `Readings, ${TAPE_READINGS} of ${points.length}` : 'Readings',
          how: 'ratio',
          quantity: 'length',
          lines: points
            .slice(0, TAPE_READINGS)
            .map(({ angle, reading }) => ({ label: 'at ', value: reading, detail: [{ angle }] })),
          total: { label: 'dial when centred', value: fit.mean },
        },
        axisSection('x'),
        axisSection('y'),
      ],
    },
    cautions: [ALIGNMENT_CAUTIONS.spindleStopped],
  };
}

const spread = (values: readonly number[]): number =>
  values.reduce((most, value) => Math.max(most, value), -Infinity) -
  values.reduce((least, value) => Math.min(least, value), Infinity);

/**
 * Arc that the angles span, degrees: the whole circle less the widest gap.
 *
 * @throws Refusal for fewer than three different angles or an arc of 60° or less
 */
function arcSpanned(angles: readonly number[]): number {
  const turned = [...new Set(angles.map((angle) => (((angle % 360) + 360) % 360).toFixed(6)))].map(Number);
  const sorted = turned.sort((a, b) => a - b);
  if (sorted.length < 3) {
    throw new Refusal({
      code: 'too-few-angles',
      field: 'points',
      message:
        'The readings are at fewer than three angles, which leaves the centre open. Read at a third angle, best a quarter turn on.',
    });
  }
  const widest = sorted.reduce(
    (gap, angle, i) => Math.max(gap, i === 0 ? angle + 360 - (sorted.at(-1) ?? 0) : angle - (sorted[i - 1] ?? 0)),
    0,
  );
  if (360 - widest <= LEAST_ARC + 1e-6) {
    throw new Refusal({
      code: 'arc-too-small',
      field: 'points',
      message: `All angles lie within ${LEAST_ARC}°, which leaves the centre open. Read at angles spread round the circle.`,
    });
  }
  return 360 - widest;
}
