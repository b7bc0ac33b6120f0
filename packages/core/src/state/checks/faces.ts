import type { Feature } from '../../records/setup/datumPlan';
import { FACES } from '../../records/values/faces';
import { rectanglesOf } from '../../datum/shapes';
import type { SetupState } from '../basis/setupState';
import { isOfShape } from './check';

type FaceFeature = Extract<Feature, { kind: 'face' }>;

/** Every face of the stock and of what is drawn on it. */
export const everyFace = ({ part }: SetupState): FaceFeature[] =>
  rectanglesOf(part).flatMap((shape) =>
    FACES.map((face): FaceFeature => ({ kind: 'face', face, ...isOfShape(shape) })),
  );
