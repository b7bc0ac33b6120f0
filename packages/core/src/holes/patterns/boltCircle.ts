import { POSITION_CAUTIONS } from '../../cautions/caution';
import { sinDegrees } from '../../units/degrees';
import type { BoltCircleOutput, BoltCircleCalculatorInput } from './boltCircle.schema';
import { patternPositions, patternWorking } from './pattern';
import { circleStep } from './shapeTerms';

/**
 * Holes on a circle: full (step 360/n), or an arc with a hole at both ends (step A/(n - 1)).
 * Angles in degrees, counter-clockwise from +X seen from above; lengths in mm in the part's frame.
 *
 * @throws Refusal when the tape is asked for a hole that is not there
 * @example
 * boltCircle({ centre: { x: 62, y: 58 }, diameter: 48, holes: 6, firstAngle: 15, direction: 'counter-clockwise' }).chord // 24
 */
export function boltCircle(input: BoltCircleCalculatorInput): BoltCircleOutput {
  const step = circleStep(input);
  const shape = { kind: 'bolt-circle' as const, circle: input };
  return {
    positions: patternPositions(shape).map((hole) => ({ ...hole, angle: hole.angle ?? NaN })),
    step,
    chord: input.holes > 1 ? input.diameter * Math.abs(sinDegrees(step / 2)) : null,
    uncertainty: input.datumU ?? null,
    tape: patternWorking(shape, input.tapeFor ?? 1),
    cautions: [POSITION_CAUTIONS.raiseFirst],
  };
}
