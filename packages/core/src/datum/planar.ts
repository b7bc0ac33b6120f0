import type { Propagated } from '../metrology/propagate';
import { combine, type Uncertainty } from '../metrology/uncertainty';
import { sumSection, type WorkingSection } from '../working/working';
import type { Covariance } from './round/circle.schema';
import type { Point } from '../geometry/point';

/** How well a point is known whose first two figures are X and Y: each axis, both together, and the worse. mm. */
export function planar({ uncertainties, covariance }: Propagated): {
  axes: { x: Uncertainty; y: Uncertainty };
  covariance: Covariance;
  uncertainty: Uncertainty;
} {
  const [x = combine([]), y = combine([])] = uncertainties;
  return {
    axes: { x, y },
    covariance: { xx: covariance[0]?.[0] ?? 0, xy: covariance[0]?.[1] ?? 0, yy: covariance[1]?.[1] ?? 0 },
    uncertainty: x.U >= y.U ? x : y,
  };
}

/** Where part zero is, from a point that was found and its place on the part: one section an axis. mm. */
export function zeroSections(
  found: Point,
  place: Point,
  labels: { found: string; place: string },
): { sections: WorkingSection[]; workOffset: Point } {
  const [x, y] = (['x', 'y'] as const).map((axis) =>
    sumSection(
      `Work offset ${axis.toUpperCase()}`,
      [
        { label: labels.found, value: found[axis] },
        { label: labels.place, value: -place[axis] },
      ],
      'part zero at',
    ),
  ) as [WorkingSection, WorkingSection];
  return { sections: [x, y], workOffset: { x: x.total.value, y: y.total.value } };
}
