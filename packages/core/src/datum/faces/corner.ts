import { angleSection } from '../../alignment/straighten';
import { EDGE_CAUTIONS, spinCaution } from '../../cautions/caution';
import { judge } from '../../metrology/judge';
import { propagate } from '../../metrology/propagate';
import { combine } from '../../metrology/uncertainty';
import { sumSection } from '../../working/working';
import { contactRadiusLines } from './contactRadius';
import type { CornerInput, CornerOutput } from './corner.schema';
import { planar, zeroSections } from '../planar';
import { cornerModel, intersect, radiusOf } from './cornerModel';

/**
 * A corner from touches of its two faces: an orthogonal least squares line through the contact's centres of each
 * face, moved by the contact radius toward the part, and their intersection. One touch of one of the faces is enough
 * where the corner is taken as square. mm; angles counter-clockwise seen from above.
 *
 * Uncertainty by propagation through the touches one by one (JCGM 100:2008, 5.1.2); the contact's own size is common
 * to all touches of a face.
 *
 * @throws Refusal when the touches of a face are all at one place, or its faces are all but parallel
 * @example
 * corner({ ...ball4, alongX: { touches: [{ x: 15, y: -3.8121 }, { x: 155, y: -2.9568 }], approach: 1 },
 *   alongY: { touches: [{ x: 1.0833, y: 20 }], approach: 1 }, nominal: { x: 0, y: 0 } }).corner // { x: 3.2170, y: -1.8840 }
 */
export function corner(input: CornerInput): CornerOutput {
  const { contact, nominal } = input;
  const radius = radiusOf(input);
  const found = intersect(input, radius, radius);
  const propagated = propagate(cornerModel(input));
  const [, , skew = combine([])] = propagated.uncertainties;
  const known = planar(propagated);
  const zero = zeroSections(found.corner, nominal, {
    found: 'corner, where the two lines meet',
    place: 'less its place on the part',
  });
  return {
    corner: found.corner,
    skew: found.skew,
    offSquare: found.offSquare,
    workOffset: zero.workOffset,
    U: { x: known.axes.x.U, y: known.axes.y.U, skew: skew.U },
    ...known,
    verdict: input.tolerance === undefined ? null : judge(known.uncertainty.U, input.tolerance),
    tape: {
      sections: [
        sumSection('Contact radius', contactRadiusLines(contact), 'to be added toward the part'),
        angleSection('Skew', [{ label: 'direction of the face along X', value: found.skew }], 'skew'),
        ...(found.offSquare === null
          ? []
          : [
              angleSection(
                'Squareness',
                [{ label: 'angle of the corner less 90°', value: found.offSquare }],
                'off square',
              ),
            ]),
        ...zero.sections,
      ],
    },
    cautions: [spinCaution(contact.spin), EDGE_CAUTIONS.raiseFirst],
  };
}
