import { DEGREES } from '../units/degrees';
import { ALIGNMENT_CAUTIONS } from '../cautions/caution';
import { harmonicFit } from '../metrology/fits/harmonicFit';
import { combine } from '../metrology/uncertainty';
import { spreadParts } from '../metrology/spread';
import { Refusal } from '../problem/problem';
import { sumSection } from '../working/working';
import type { RunOutInput, RunOutOutput } from './runOut.schema';

/** Degrees of freedom behind the indicator's own scatter until the log says more. */
const METHOD_DOF = 10;

/**
 * How far a tool runs out of true: largest less smallest reading at each height. From two heights of the shank, each
 * read at three places or more by the spindle's own angles, the eccentricity at the tip (offset) and how it grows along the tool (tilt). Lengths and radii are
 * to be updated only where it passes. mm, degrees.
 *
 * @throws Refusal when the two heights are one
 * @example
 * runOut({ rings: [{ on: 'teeth', height: 5, readings: [{ angle: 0, reading: 0.012 }, { angle: 180, reading: -0.004 }] }],
 *   tolerance: 0.02, resolution: 0.002, methodSd: 0.0015 }).worst // 0.016
 */
export function runOut(input: RunOutInput): RunOutOutput {
  const { rings, tolerance, resolution, methodSd } = input;
  const tir = rings.map(({ readings }) => spread(readings.map(({ reading }) => reading)));
  const worst = Math.max(...tir);
  const vectors = rings
    .filter(({ on }) => on === 'shank')
    .map(({ height, readings }) => ({ height, ...eccentricity(readings) }));
  const [low, high] = [...vectors].sort((a, b) => a.height - b.height);
  if (low && high && Math.abs(high.height - low.height) < 1) {
    throw new Refusal({
      code: 'one-height',
      field: 'rings',
      message: 'The two heights are one. Read the second time higher up, as high as the tool allows.',
    });
  }
  const along = low && high && low.known && high.known ? { low, high } : undefined;
  const slope = along && {
    x: (along.high.x - along.low.x) / (along.high.height - along.low.height),
    y: (along.high.y - along.low.y) / (along.high.height - along.low.height),
  };
  const tip = along &&
    slope && { x: along.low.x - slope.x * along.low.height, y: along.low.y - slope.y * along.low.height };
  const passed = worst <= tolerance;
  const worstRing = rings[tir.indexOf(worst)];
  const uncertainty = combine([
    ...spreadParts(worst, worstRing?.readings.length ?? 2, methodSd, METHOD_DOF),
    { name: 'display step', u: (resolution / Math.sqrt(12)) * Math.SQRT2, shape: 'normal' },
  ]);
  const values = worstRing?.readings.map(({ reading }) => reading) ?? [];
  return {
    tir,
    worst,
    passed,
    fitted: worstRing ? fittedRunOut(worstRing.readings, methodSd, resolution) : null,
    offset: tip ? { size: Math.hypot(tip.x, tip.y), angle: Math.atan2(tip.y, tip.x) * DEGREES } : null,
    tilt: slope ? Math.atan(Math.hypot(slope.x, slope.y)) * DEGREES : null,
    notes: [{ code: passed ? 'run-out-within' : 'run-out-too-far' }],
    uncertainty,
    tape: {
      sections: [
        sumSection(
          'Run-out',
          [
            { label: 'largest reading', value: Math.max(...values) },
            { label: 'less smallest reading', value: -Math.min(...values) },
          ],
          'total indicator reading',
        ),
      ],
    },
    cautions: [ALIGNMENT_CAUTIONS.spindleStopped],
  };
}

/** From so many places on the fit is told beside the spread. */
const FIT_FROM = 6;

/** What a fit leaves is the indicator's own scatter until it is so many times as much: then the shank is not round. */
const NOT_ROUND = 2;

/**
 * Twice the fitted eccentricity, mm, with U at 95 %: the amplitude of a wave through n even places is known to
 * s √(2/n). s is what the fit leaves (n - 3 degrees of freedom) pooled with the method's own scatter (JCGM 100:2008, 4.2.4);
 * where the fit leaves far more, that alone; and half a step on top.
 */
function fittedRunOut(
  readings: RunOutInput['rings'][number]['readings'],
  methodSd: number,
  resolution: number,
): { tir: number; U: number } | null {
  const n = readings.length;
  if (n < FIT_FROM) return null;
  const { a, b, squares, dof, varianceA, varianceB } = harmonicFit(readings);
  const left = Math.sqrt(squares / dof);
  const own = left <= NOT_ROUND * methodSd;
  const known = own ? dof + METHOD_DOF : dof;
  const s = own ? Math.sqrt((squares + METHOD_DOF * methodSd ** 2) / known) : left;
  const u = 2 * Math.hypot(s, resolution / Math.sqrt(12)) * Math.sqrt(Math.max(varianceA, varianceB));
  const { U } = combine([{ name: 'what the fit leaves', u, shape: 'normal', dof: known }]);
  return { tir: 2 * Math.hypot(a, b), U };
}

const spread = (values: readonly number[]): number => Math.max(...values) - Math.min(...values);

/** The eccentricity as a vector, where three places or more tell it. */
function eccentricity(readings: RunOutInput['rings'][number]['readings']): { x: number; y: number; known: boolean } {
  const places = new Set(readings.map(({ angle }) => ((angle % 360) + 360) % 360));
  if (places.size < 3) return { x: 0, y: 0, known: false };
  const { a, b } = harmonicFit(readings);
  return { x: a, y: b, known: true };
}
