import { DEGREES } from '../units/degrees';
import { ALIGNMENT_CAUTIONS, METHOD_CAUTIONS } from '../cautions/caution';
import { harmonicFit } from '../metrology/fits/harmonicFit';
import { pooledVariance } from '../metrology/touchBudget';
import { combine } from '../metrology/uncertainty';
import { Refusal } from '../problem/problem';
import { sumSection } from '../working/working';
import type { BallTrueInput, BallTrueOutput } from './ballTrue.schema';

/** Readings nearer together than this are one place, degrees. */
const ONE_PLACE = 1;

/**
 * A probe's ball, or any finder, trued to the spindle: an indicator at it, the spindle turned by hand. The first harmonic
 * of the readings (least squares) is its eccentricity; twice that the TIR, half of the total is what its screws
 * push it in by at the high side. mm, degrees.
 *
 * @throws Refusal when the readings are at fewer than three places round
 * @example
 * ballTrue({ readings: [{ angle: 0, reading: 0.006 }, { angle: 90, reading: 0 }, { angle: 180, reading: -0.006 },
 *   { angle: 270, reading: 0 }], allowed: 0.004, resolution: 0.001, methodSd: 0.001 }) // tir 0.012, high 0°, push 0.006
 */
export function ballTrue({ readings, allowed, resolution, methodSd }: BallTrueInput): BallTrueOutput {
  const places = new Set(readings.map(({ angle }) => Math.round((((angle % 360) + 360) % 360) / ONE_PLACE) % 360));
  if (places.size < 3) {
    throw new Refusal({
      code: 'too-few-places',
      field: 'readings',
      message:
        'Fewer than three places round were read, which tells no direction. Turn the spindle on by a quarter and read again.',
    });
  }
  const fit = harmonicFit(readings);
  const eccentricity = Math.hypot(fit.a, fit.b);
  const { variance, dof } = pooledVariance({ resolution, methodSd }, fit.squares, fit.dof);
  const spread = Math.max(fit.varianceA, fit.varianceB);
  const uncertainty = combine([
    { name: 'scatter of the readings', u: 2 * Math.sqrt(variance * spread), shape: 'normal', dof },
    { name: 'display step', u: 2 * (resolution / Math.sqrt(12)) * Math.sqrt(spread), shape: 'normal' },
  ]);
  const section = sumSection(
    'Run-out of the ball',
    [
      { label: 'the high side above the middle', value: eccentricity },
      { label: 'the low side below it', value: eccentricity },
    ],
    'TIR',
  );
  const tir = section.total.value;
  return {
    tir,
    high: (((Math.atan2(fit.b, fit.a) * DEGREES) % 360) + 360) % 360,
    push: tir / 2,
    within: tir <= allowed,
    uncertainty,
    tape: { sections: [section] },
    cautions: [ALIGNMENT_CAUTIONS.spindleStopped, METHOD_CAUTIONS.probeSlow],
  };
}
