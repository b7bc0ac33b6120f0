import { DEGREES } from '../units/degrees';
import { ALIGNMENT_CAUTIONS } from '../cautions/caution';
import { mean } from '../metrology/mean';
import { sumSection } from '../working/working';
import { alignOnLine } from './inLine';
import { requireInRange } from './inRange';
import type { LevelInput, LevelOutput } from './level.schema';
import { differenceUncertainty } from './opposite';
import { angleSection } from './straighten';

/**
 * A flat levelled about a rotary axis from two readings d apart: angle = atan(dm / d), right-handed about the axis. The
 * part must turn by minus that. A plus command of a table turns the part left-handed where its sense is +1 (ISO 841: the
 * tool turns right-handed about the part), so the command is sense × angle; then the axis is zeroed. mm and degrees.
 *
 * @throws Refusal when a reading is beyond the indicator's range
 * @example
 * level({ distance: 50, first: [0], second: [0.1], sense: 1,
 *   indicator: { resolution: 0.01, methodSd: 0.004, sense: 1 }, allowed: 0.02 }).turn // 0.1146
 */
export function level(input: LevelInput): LevelOutput {
  const { distance, first, second, indicator, sense } = input;
  requireInRange(first, indicator.range, 'first');
  requireInRange(second, indicator.range, 'second');
  const rise = sumSection(
    'Higher at the second place',
    [
      { label: 'second place', value: indicator.sense * mean(second) },
      { label: 'less the first', value: -indicator.sense * mean(first) },
    ],
    'higher by',
  );
  const error = rise.total.value;
  const angle = Math.atan(error / distance) * DEGREES;
  const turn = angle === 0 ? 0 : sense * angle;
  const uncertainty = differenceUncertainty(first, second, indicator);
  return {
    error,
    angle,
    turn,
    state: alignOnLine(error, uncertainty.U, input.allowed),
    uncertainty,
    tape: {
      sections: [
        rise,
        angleSection(
          'Turn the rotary axis',
          [
            {
              label: sense === 1 ? 'plus turns the part the other way' : 'against the tilt',
              value: turn,
              detail: ['atan of ', { length: error }, ' / ', { length: distance }],
            },
          ],
          'turn by',
        ),
      ],
    },
    cautions: [ALIGNMENT_CAUTIONS.spindleStopped],
  };
}
