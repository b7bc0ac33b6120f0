import { DEGREES } from '../../units/degrees';
import { EDGE_CAUTIONS, spinCaution } from '../../cautions/caution';
import { circleFit, type CircleFit } from '../../metrology/fits/circleFit';
import { judge } from '../../metrology/judge';
import { pooledVariance, SIZE_PART, stoppedRunOutPart, TOUCH_PART } from '../../metrology/touchBudget';
import { combine, type Uncertainty } from '../../metrology/uncertainty';
import { Refusal } from '../../problem/problem';
import { sumSection } from '../../working/working';
import type { CircleInput, CircleOutput, Covariance } from './circle.schema';
import { contactRadiusLines } from '../faces/contactRadius';
import { stoppedTirPart } from '../touchSources';

/** Arc under which the weak direction is warned of, degrees. */
const GOOD_ARC = 90;

/**
 * Centre and diameter of a bore or boss from touches at three points or more: geometric least squares (orthogonal
 * distances). The diameter is twice the fitted radius plus the contact's in a bore, less it on a boss. mm.
 *
 * @throws Refusal when the touches are on one line or at one place, or the contact does not fit
 * @example
 * circle({ ...ball4, feature: 'bore', touches: boreTouches, nominal: { x: 0, y: 0 } }).diameter // 26.012
 */
export function circle(input: CircleInput): CircleOutput {
  const { feature, touches, nominal, contact, method, uTouch, uSize } = input;
  const fit = fitted(touches);
  const radiusLines = contactRadiusLines(contact);
  const radius = radiusLines.reduce((sum, { value }) => sum + value, 0);
  const side = feature === 'bore' ? 1 : -1;
  const diameterSection = sumSection(
    feature === 'bore' ? 'Diameter of the bore' : 'Diameter of the boss',
    [
      { label: 'twice the fitted radius', value: 2 * fit.radius, detail: ['2 × ', { length: fit.radius }] },
      {
        label: feature === 'bore' ? 'the contact, both sides' : 'less the contact, both sides',
        value: 2 * side * radius,
        detail: ['2 × ', { length: radius }],
      },
    ],
    'diameter',
  );
  if (diameterSection.total.value <= 0) {
    throw new Refusal({
      code: 'contact-too-large',
      field: 'contact.diameter',
      message: 'The contact is larger than what was touched. Check its size, and whether this is a bore or a boss.',
    });
  }
  const { variance, dof } = pooledVariance(
    method,
    fit.residuals.reduce((sum, one) => sum + one ** 2, 0),
    fit.dof,
  );
  const along = (weight: number, of: 'place' | 'size' = 'place'): Uncertainty =>
    combine([
      { name: 'touches', u: Math.sqrt(variance * weight), shape: 'normal', dof },
      { name: 'display step', u: method.resolution * Math.sqrt(weight / 12), shape: 'uniform' },
      { name: TOUCH_PART, u: uTouch * Math.sqrt(weight), shape: 'normal' },
      // A contact that stands still is off to one side at every touch: the centre moves by all of it, the size by none.
      stoppedRunOutPart(of === 'place' ? stoppedTirPart(input) : 0),
      { name: SIZE_PART, u: of === 'size' ? 2 * uSize : 0, shape: 'normal' },
    ]);
  const weak = weakest(fit);
  const arc = arcOf(fit, touches);
  const [ux, uy, worst] = [along(fit.covariance.xx), along(fit.covariance.yy), along(weak.variance)];
  const offset = (axis: 'x' | 'y') =>
    sumSection(
      `Work offset ${axis.toUpperCase()}`,
      [
        { label: 'centre of the fitted circle', value: fit.centre[axis] },
        { label: 'less its place on the part', value: -nominal[axis] },
      ],
      'part zero at',
    );
  const [offsetX, offsetY] = [offset('x'), offset('y')];
  return {
    centre: fit.centre,
    diameter: diameterSection.total.value,
    form: touches.length > 3 ? Math.max(...fit.residuals) - Math.min(...fit.residuals) : null,
    arc,
    workOffset: { x: offsetX.total.value, y: offsetY.total.value },
    U: {
      x: ux.U,
      y: uy.U,
      weakest: worst.U,
      weakestAngle: weak.angle,
      diameter: along(4 * fit.radiusVariance, 'size').U,
    },
    axes: { x: ux, y: uy },
    covariance: covarianceOf(fit, variance + method.resolution ** 2 / 12 + uTouch ** 2, stoppedTirPart(input)),
    uncertainty: worst,
    verdict: input.tolerance === undefined ? null : judge(worst.U, input.tolerance),
    notes: arc < GOOD_ARC ? [{ code: 'short-arc', of: 'touches', arc, weakest: weak.angle }] : [],
    tape: {
      sections: [sumSection('Contact radius', radiusLines, 'contact radius'), diameterSection, offsetX, offsetY],
    },
    cautions: [spinCaution(contact.spin), EDGE_CAUTIONS.raiseFirst],
  };
}

function fitted(touches: CircleInput['touches']): CircleFit {
  try {
    return circleFit(touches);
  } catch (error) {
    if (!(error instanceof RangeError)) throw error;
    throw new Refusal({
      code: 'no-circle',
      field: 'touches',
      message:
        'The touches lie on one line or at one place, and no circle goes through them. Touch at three places spread round.',
    });
  }
}

/** Covariance of the centre for touches of so much variance each, with the eccentricity of a standing contact, mm². */
function covarianceOf({ covariance: { xx, xy, yy } }: CircleFit, each: number, tir: number): Covariance {
  const standing = tir ** 2 / 8;
  return { xx: each * xx + standing, xy: each * xy, yy: each * yy + standing };
}

/** The direction the centre is known worst in, degrees from X in 0 to 180, and its variance. */
function weakest({ covariance: { xx, xy, yy } }: CircleFit): { angle: number; variance: number } {
  const middle = (xx + yy) / 2;
  const swing = Math.hypot((xx - yy) / 2, xy);
  const angle = (Math.atan2(2 * xy, xx - yy) / 2) * DEGREES;
  return { angle: ((angle % 180) + 180) % 180, variance: middle + swing };
}

/** Arc the touches span seen from the centre, degrees: the whole circle less the widest gap. */
function arcOf({ centre }: CircleFit, touches: CircleInput['touches']): number {
  const angles = touches.map(({ x, y }) => Math.atan2(y - centre.y, x - centre.x) * DEGREES).sort((a, b) => a - b);
  const widest = angles.reduce(
    (gap, angle, i) => Math.max(gap, i === 0 ? angle + 360 - (angles.at(-1) ?? 0) : angle - (angles[i - 1] ?? 0)),
    0,
  );
  return 360 - widest;
}
