import { featureKey } from '../../datum/feature';
import { rectanglesOf, roundsOf } from '../../datum/shapes';
import type { Feature } from '../../records/setup/datumPlan';
import { CORNERS, FACES } from '../../records/values/faces';
import { memoize, type SetupState } from '../basis/setupState';
import type { FeatureAnswer } from '../gauges/answer';
import { featureAnswer } from './featureAnswer';
import { isOnThisScale } from '../basis/activeRecords';
import { STOCK } from '../basis/subjectKey';

/** A feature that something is known of. */
export interface FoundFeature {
  feature: Feature;
  key: string;
  answer: FeatureAnswer;
  /** Its coordinates may be driven to: the scale was not set since. */
  stands: boolean;
}

/** Everything that can be made of what was touched. */
export const foundFeatures = (book: SetupState): FoundFeature[] =>
  memoize(book, 'found features', () =>
    candidates(book).flatMap((feature) => {
      const answer = featureAnswer(book, feature);
      return answer
        ? [{ feature, key: featureKey(feature), answer, stands: isOnThisScale(book, answer.readings) }]
        : [];
    }),
  );

/** Features that could have an answer: those of shapes that were touched. */
function candidates({ part, datumPlan, index }: SetupState): Feature[] {
  const touched = new Set(
    [...index.ofSubject.values()].flatMap(([first]) => {
      const subject = first?.subject;
      if (subject?.kind === 'face') return subject.of ?? STOCK;
      return subject?.kind === 'round' || subject?.kind === 'standing' || subject?.kind === 'sweep' ? subject.of : [];
    }),
  );
  const shapes = rectanglesOf(part).filter(({ id }) => touched.has(id));
  const rounds = roundsOf(part).filter(({ id }) => touched.has(id));
  const of = (id: string) => (id === STOCK ? {} : { of: id });
  const asked = (key: string) => Object.hasOwn(datumPlan.ways, key);
  const [origin, ...others] = rounds;
  return [
    ...shapes.flatMap(({ id }) => FACES.map((face): Feature => ({ kind: 'face', face, ...of(id) }))),
    // Corners true to the axes are their two faces over again; one found with its skew is more.
    ...shapes.flatMap(({ id }) =>
      CORNERS.map((corner): Feature => ({ kind: 'corner', corner, ...of(id) })).filter((corner) =>
        asked(featureKey(corner)),
      ),
    ),
    ...shapes.flatMap(({ id }) => (['x', 'y'] as const).map((axis): Feature => ({ kind: 'middle', axis, ...of(id) }))),
    ...rounds.map(({ id }): Feature => ({ kind: 'round', of: id })),
    ...(origin ? others.map(({ id }): Feature => ({ kind: 'hole-line', from: origin.id, to: id })) : []),
  ];
}
