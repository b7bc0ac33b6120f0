import { DEGREES } from '../../units/degrees';
import { angleSection } from '../../alignment/straighten';
import { EDGE_CAUTIONS } from '../../cautions/caution';
import { judge } from '../../metrology/judge';
import { propagate, type Model, type UncertaintySource } from '../../metrology/propagate';
import { combine } from '../../metrology/uncertainty';
import { rotate } from '../../geometry/rotate';
import { Refusal } from '../../problem/problem';
import { sumSection } from '../../working/working';
import type { HoleLineInput, HoleLineOutput } from './holeLine.schema';
import type { Point } from '../../geometry/point';
import { planar, zeroSections } from '../planar';

const direction = (from: Point, to: Point): number => Math.atan2(to.y - from.y, to.x - from.x) * DEGREES;

const between = (from: Point, to: Point): number => Math.hypot(to.x - from.x, to.y - from.y);

/** An angle brought into -180 to 180 degrees. */
const turned = (angle: number): number => angle - 360 * Math.round(angle / 360);

/**
 * Origin and direction from two holes that were found: the first gives the place, the line to the second the turn of
 * the part. Part zero is the first hole's centre less its drawn place, turned with the part. mm, degrees.
 *
 * @throws Refusal when the two holes are one
 * @example
 * // holes 50 apart along X on the drawing, found along Y: the part is turned by 90
 * holeLine({ from: { found: { x: 0, y: 0 }, nominal: { x: 0, y: 0 }, u }, to: { found: { x: 0, y: 50 }, nominal: { x: 50, y: 0 }, u } }).skew // 90
 */
export function holeLine(input: HoleLineInput): HoleLineOutput {
  const { from, to } = input;
  const drawn = between(from.nominal, to.nominal);
  const distance = between(from.found, to.found);
  if (drawn < 0.5 || distance < 0.5) {
    throw new Refusal({
      code: 'one-hole',
      field: 'to',
      message: 'The two holes are one, or all but touch, and give no direction. Choose two that are far apart.',
    });
  }
  const skew = turned(direction(from.found, to.found) - direction(from.nominal, to.nominal));
  const propagated = propagate(holeLineModel(input));
  const [, , angle = combine([]), apart = combine([])] = propagated.uncertainties;
  const known = planar(propagated);
  const place = rotate(from.nominal, skew);
  const zero = zeroSections(from.found, place, {
    found: 'centre of the first hole',
    place: 'less its place on the turned part',
  });
  return {
    skew,
    distance,
    drawn,
    workOffset: zero.workOffset,
    U: { x: known.axes.x.U, y: known.axes.y.U, skew: angle.U, distance: apart.U },
    ...known,
    verdict: input.tolerance === undefined ? null : judge(known.uncertainty.U, input.tolerance),
    tape: {
      sections: [
        angleSection(
          'Skew',
          [
            { label: 'direction of the line as found', value: direction(from.found, to.found) },
            { label: 'less its direction on the drawing', value: -direction(from.nominal, to.nominal) },
            ...(Math.abs(skew - (direction(from.found, to.found) - direction(from.nominal, to.nominal))) > 1
              ? [{ label: 'a whole turn', value: skew > 0 ? 360 : -360 }]
              : []),
          ],
          'skew',
        ),
        sumSection(
          'Between the holes',
          [
            { label: 'as found', value: distance },
            { label: 'less as drawn', value: -drawn },
          ],
          'difference',
        ),
        ...zero.sections,
      ],
    },
    cautions: [EDGE_CAUTIONS.raiseFirst],
  };
}

/** Part zero, skew and distance from two found holes as a model; figures X, Y (mm), skew (degrees), distance (mm). */
export function holeLineModel({ from, to }: HoleLineInput): Model {
  const names = ['first hole, X', 'first hole, Y', 'second hole, X', 'second hole, Y'];
  const us = [from.u.x, from.u.y, to.u.x, to.u.y];
  return {
    values: [from.found.x, from.found.y, to.found.x, to.found.y],
    sources: us.map((u, on): UncertaintySource => ({ name: names[on] ?? '', u, shape: 'normal', on })),
    of: ([x1 = 0, y1 = 0, x2 = 0, y2 = 0]) => {
      const [a, b] = [
        { x: x1, y: y1 },
        { x: x2, y: y2 },
      ];
      const skew = turned(direction(a, b) - direction(from.nominal, to.nominal));
      const place = rotate(from.nominal, skew);
      return [x1 - place.x, y1 - place.y, skew, between(a, b)];
    },
  };
}
