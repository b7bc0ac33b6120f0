import { DEGREES } from '../units/degrees';
import { ALIGNMENT_CAUTIONS, EDGE_CAUTIONS } from '../cautions/caution';
import { mean } from '../metrology/mean';
import type { PartSkewInput, PartSkewOutput } from './partSkew.schema';
import { readingSection, straighten } from './straighten';

/**
 * How far a clamped part is turned, from touches at two or more places of one long face. The contact's radius
 * cancels, being the same at each. Either the part is tapped straight, or the angle is carried as a rotation
 * of all that follows. mm and degrees, counter-clockwise seen from above.
 *
 * @throws Refusal when all places are one
 * @example
 * partSkew({ along: 'x', approach: 1, points: [{ at: 15, readings: [-3.8121] }, { at: 155, readings: [-2.9568] }],
 *   method: { resolution: 0.005, methodSd: 0.003 }, over: 184, pivot: 0, loose: 184, allowed: 0.02 }).angle // 0.350
 */
export function partSkew(input: PartSkewInput): PartSkewOutput {
  const points = input.points.map(({ at, readings }) => ({ at, across: mean(readings) }));
  const line = straighten({ ...input, points, slopeLabel: 'rise of the face' });
  return {
    slope: line.slope,
    angle: line.angle,
    error: line.error,
    tap: line.tap,
    angleU: Math.atan(line.uncertainty.U / input.over) * DEGREES,
    state: line.state,
    uncertainty: line.uncertainty,
    tape: {
      sections: [
        readingSection(
          points.map(({ at, across }) => ({ label: 'at ', value: across, detail: [{ length: at }] })),
          mean(points.map(({ across }) => across)),
        ),
        ...line.sections,
      ],
    },
    cautions: [EDGE_CAUTIONS.raiseFirst, ALIGNMENT_CAUTIONS.softTapPart],
  };
}
