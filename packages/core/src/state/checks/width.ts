import { rectangleOf } from '../../datum/feature';
import { FACES_ACROSS, rectanglesOf, wallTouch } from '../../datum/shapes';
import { isSamePlace } from '../../records/values/place';
import type { Feature } from '../../records/setup/datumPlan';
import { featureAnswer } from '../datum/featureAnswer';
import { faceAnswer, type FaceAnswer } from '../datum/face';
import { calm, KNOWN_U, isOfShape, type CrossCheck } from './check';

const onOneZero = ({ readings: [a] }: FaceAnswer, { readings: [b] }: FaceAnswer): boolean =>
  a !== undefined && b !== undefined && a.epoch === b.epoch && isSamePlace(a.place, b.place);

/** Two opposite faces touched on one zero of the scale, against the caliper where it was used, else the drawing. */
export const widthCheck: CrossCheck = {
  of: 'width',
  features: ({ part }) =>
    rectanglesOf(part).flatMap((shape) =>
      (['x', 'y'] as const).map((axis): Feature => ({ kind: 'middle', axis, ...isOfShape(shape) })),
    ),
  at: (book, feature) => {
    if (feature.kind !== 'middle') return undefined;
    const { axis, of } = feature;
    const shape = rectangleOf(book.part, of);
    const [low, high] = FACES_ACROSS[axis];
    const [a, b] = [faceAnswer(book, low, of), faceAnswer(book, high, of)];
    if (!a || !b || !onOneZero(a, b) || !calm(a) || !calm(b)) return undefined;
    const caliper = shape.kind === 'stock' ? book.setup.caliper?.[axis] : undefined;
    // A size that nobody told is no size to hold anything against.
    if (caliper === undefined && shape.kind === 'stock' && book.part.untold?.includes(axis)) return undefined;
    // One contact is off by the same at both faces, which a width has twice; two contacts are off each by its own.
    const together = featureAnswer(book, feature)?.size;
    const measuredU = together?.U ?? Math.hypot(a.result.uncertainty.U, b.result.uncertainty.U);
    return {
      against: caliper === undefined ? 'drawing' : 'caliper',
      measured: b.result.edge - a.result.edge,
      known: caliper ?? wallTouch(shape, high).at - wallTouch(shape, low).at,
      measuredU,
      U: Math.hypot(measuredU, KNOWN_U),
      suspects: [a.readings, b.readings],
    };
  },
};
