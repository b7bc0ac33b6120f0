import { ALIGNMENT_CAUTIONS } from '../cautions/caution';
import { harmonicFit } from '../metrology/harmonicFit';
import { combine } from '../metrology/uncertainty';
import { Refusal } from '../problem/problem';
import { sumSection } from '../tape/tape';
import type { RunOutInput, RunOutOutput } from './runOut.schema';

const DEGREES = 180 / Math.PI;

/**
 * How far a tool runs out of true: largest less smallest reading at each height. From two heights, each read at three
 * places or more, the eccentricity at the tip (offset) and how it grows along the tool (tilt). Lengths and radii are
 * to be updated only where it passes. mm, degrees.
 *
 * @throws Refusal when the two heights are one
 * @example
 * runOut({ rings: [{ height: 5, readings: [{ angle: 0, reading: 0.012 }, { angle: 180, reading: -0.004 }] }],
 *   tolerance: 0.025, resolution: 0.002, methodSd: 0.0015 }).worst // 0.016
 */
export function runOut(input: RunOutInput): RunOutOutput {
  const { rings, tolerance, resolution, methodSd } = input;
  const tir = rings.map(({ readings }) => spread(readings.map(({ reading }) => reading)));
  const worst = Math.max(...tir);
  const vectors = rings.map(({ height, readings }) => ({ height, ...eccentricity(readings) }));
  const [low, high] = [...vectors].sort((a, b) => a.height - b.height);
  if (low && high && Math.abs(high.height - low.height) < 1) {
    throw new Refusal({
      code: 'one-height',
      field: 'rings',
      message: 'The two heights are one. Read the second time at least 1 mm higher, better as high as the tool allows.',
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
  // A difference of the extreme two of a few readings.
  const uncertainty = combine([
    { name: 'repeats', u: methodSd * Math.SQRT2, shape: 'normal', dof: 10 },
    { name: 'display step', u: (resolution / Math.sqrt(12)) * Math.SQRT2, shape: 'normal' },
  ]);
  const worstRing = rings[tir.indexOf(worst)];
  const values = worstRing?.readings.map(({ reading }) => reading) ?? [];
  return {
    tir,
    worst,
    passed,
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

const spread = (values: readonly number[]): number => Math.max(...values) - Math.min(...values);

/** The eccentricity as a vector, where three places or more tell it. */
function eccentricity(readings: RunOutInput['rings'][number]['readings']): { x: number; y: number; known: boolean } {
  const places = new Set(readings.map(({ angle }) => ((angle % 360) + 360) % 360));
  if (places.size < 3) return { x: 0, y: 0, known: false };
  const { a, b } = harmonicFit(readings);
  return { x: a, y: b, known: true };
}
