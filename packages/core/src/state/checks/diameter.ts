import { roundsOf } from '../../datum/shapes';
import { featureAnswer } from '../datum/featureAnswer';
import { activeReadings } from '../basis/activeRecords';
import { KNOWN_U, type CrossCheck } from './check';

/** A bore or boss against its drawn diameter. */
export const diameterCheck: CrossCheck = {
  of: 'diameter',
  features: ({ part }) => roundsOf(part).map(({ id }) => ({ kind: 'round', of: id })),
  at: (book, feature) => {
    if (feature.kind !== 'round') return undefined;
    const readings = activeReadings(book, feature);
    const size = readings.length > 0 ? featureAnswer(book, feature)?.size : undefined;
    if (size?.what !== 'diameter') return undefined;
    const { measured, known } = size;
    return {
      against: 'drawing',
      measured,
      known,
      measuredU: size.U,
      U: Math.hypot(size.U, KNOWN_U),
      suspects: [readings],
    };
  },
};
