import { POSITION_CAUTIONS } from '../../cautions/caution';
import { Refusal } from '../../problem/problem';
import { sumSection, type Working, type WorkingLine, type WorkingSection } from '../../working/working';
import { move, movedAngle, movedSections } from './shiftedPattern';
import type { BoltCircle } from '../../records/setup/patternShape';
import type { PatternOutput, PatternCalculatorInput, PatternShape } from './pattern.schema';
import { circleStep, holeCount, shapeTerms } from './shapeTerms';

/** Where a hole is: its number in the pattern, from 1; mm; its angle from the pattern's centre where it has one. */
export interface PlacedHole {
  hole: number;
  x: number;
  y: number;
  angle: number | null;
}

const sumOf = (terms: readonly WorkingLine[]): number => terms.reduce((sum, { value }) => sum + value, 0);

/** Centres of a pattern's holes in the order of their numbers, mm from the datum the pattern hangs on. */
export function patternPositions(shape: PatternShape): PlacedHole[] {
  const moved = shape.moved ?? {};
  return Array.from({ length: holeCount(shape) }, (_, i) => {
    const terms = shapeTerms(shape, i + 1);
    const place = move({ x: sumOf(terms.x), y: sumOf(terms.y) }, moved);
    return { hole: i + 1, ...place, angle: movedAngle(terms.angle, moved) };
  });
}

/** The reckoning of one hole, numbered from 1. */
export function patternWorking(shape: PatternShape, hole: number): Working {
  const holes = holeCount(shape);
  if (hole < 1 || hole > holes) {
    throw new Refusal({
      code: 'no-such-hole',
      field: 'tapeFor',
      message: `There is no hole ${hole}; this pattern has ${holes}.`,
    });
  }
  const terms = shapeTerms(shape, hole);
  const angle = shape.kind === 'bolt-circle' ? [angleOfHole(shape.circle, hole)] : [];
  const own = [sumSection(`X of hole ${hole}`, terms.x, 'X'), sumSection(`Y of hole ${hole}`, terms.y, 'Y')];
  return {
    sections: [...angle, ...own, ...movedSections({ x: sumOf(terms.x), y: sumOf(terms.y) }, shape.moved ?? {})],
  };
}

/** How the angle of a hole on a circle comes about, degrees. */
function angleOfHole(circle: BoltCircle, hole: number): WorkingSection {
  const steps = hole - 1;
  const step = circleStep(circle);
  return {
    ...sumSection(
      `Angle of hole ${hole}`,
      [
        { label: 'first angle', value: circle.firstAngle },
        {
          label: `${steps} ${steps === 1 ? 'step' : 'steps'}`,
          value: steps * step,
          detail: [`${steps} × `, { angle: step }],
        },
      ],
      'angle',
    ),
    quantity: 'angle',
  };
}

/**
 * Holes in a row, a grid, a rectangle's frame, on a circle, at distances and angles from a centre, or one by one; the
 * whole of it mirrored, turned and shifted as told, in that order. Angles in degrees counter-clockwise from +X seen
 * from above; lengths in mm in the frame of the datum it hangs on.
 *
 * @throws Refusal when the tape is asked for a hole that is not there
 * @example
 * pattern({ kind: 'row', row: { start: { x: 112, y: 30 }, pitch: 11.2, holes: 7, angle: 32 } }).positions[1] // x 121.498, y 35.935
 */
export function solvePattern(input: PatternCalculatorInput): PatternOutput {
  return {
    positions: patternPositions(input),
    uncertainty: input.datumU ?? null,
    tape: patternWorking(input, input.tapeFor ?? 1),
    cautions: [POSITION_CAUTIONS.raiseFirst],
  };
}
