import { POSITION_CAUTIONS } from '../cautions/caution';
import { Refusal } from '../problem';
import { sumSection, type Tape } from '../tape/tape';
import { cosDegrees, sinDegrees } from '../units/degrees';
import type { BoltCircle, BoltCircleOutput, BoltCircleReckonInput, HolePosition } from './boltCircle.schema';

/** Angle from one hole to the next, degrees, positive counter-clockwise. */
export function boltCircleStep(circle: BoltCircle): number {
  const sign = circle.direction === 'clockwise' ? -1 : 1;
  if (circle.arc === undefined) return (sign * 360) / circle.holes;
  return circle.holes > 1 ? (sign * circle.arc) / (circle.holes - 1) : 0;
}

/** Centres of the holes in drilling order, mm in the part's frame. */
export function boltCirclePositions(circle: BoltCircle): HolePosition[] {
  const step = boltCircleStep(circle);
  const radius = circle.diameter / 2;
  return Array.from({ length: circle.holes }, (_, i) => {
    // Each angle comes from the first, so nothing adds up from hole to hole.
    const angle = circle.firstAngle + i * step;
    return {
      hole: i + 1,
      x: circle.centre.x + radius * cosDegrees(angle),
      y: circle.centre.y + radius * sinDegrees(angle),
      angle,
    };
  });
}

/** The reckoning of one hole, numbered from 1. */
export function boltCircleTape(circle: BoltCircle, hole: number): Tape {
  if (hole < 1 || hole > circle.holes) {
    throw new Refusal({
      code: 'no-such-hole',
      field: 'tapeFor',
      message: `There is no hole ${hole}; this circle has ${circle.holes}.`,
    });
  }
  const step = boltCircleStep(circle);
  const radius = circle.diameter / 2;
  const angle = circle.firstAngle + (hole - 1) * step;
  return {
    sections: [
      {
        ...sumSection(
          `Angle of hole ${hole}`,
          [
            { label: 'first angle', value: circle.firstAngle },
            {
              label: `${hole - 1} ${hole === 2 ? 'step' : 'steps'}`,
              value: (hole - 1) * step,
              detail: [`${hole - 1} × `, { angle: step }],
            },
          ],
          'angle',
        ),
        quantity: 'angle',
      },
      sumSection(
        `X of hole ${hole}`,
        [
          { label: 'centre', value: circle.centre.x },
          {
            label: 'radius × cos',
            value: radius * cosDegrees(angle),
            detail: [{ length: radius }, ' × cos ', { angle }],
          },
        ],
        'X',
      ),
      sumSection(
        `Y of hole ${hole}`,
        [
          { label: 'centre', value: circle.centre.y },
          {
            label: 'radius × sin',
            value: radius * sinDegrees(angle),
            detail: [{ length: radius }, ' × sin ', { angle }],
          },
        ],
        'Y',
      ),
    ],
  };
}

/**
 * Holes on a circle: full (step 360/n), or an arc with a hole at both ends (step A/(n - 1)).
 * Angles in degrees, counter-clockwise from +X seen from above; lengths in mm in the part's frame.
 *
 * @throws Refusal when the tape is asked for a hole that is not there
 * @example
 * boltCircle({ centre: { x: 62, y: 58 }, diameter: 48, holes: 6, firstAngle: 15, direction: 'counter-clockwise' }).chord // 24
 */
export function boltCircle(input: BoltCircleReckonInput): BoltCircleOutput {
  const step = boltCircleStep(input);
  return {
    positions: boltCirclePositions(input),
    step,
    chord: input.holes > 1 ? input.diameter * Math.abs(sinDegrees(step / 2)) : null,
    uncertainty: input.datumU ?? null,
    tape: boltCircleTape(input, input.tapeFor ?? 1),
    cautions: [POSITION_CAUTIONS.raiseFirst],
  };
}
