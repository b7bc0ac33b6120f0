import { answerFrom, faceAnswer } from '../datum/face';
import type { CrossCheck } from './check';
import { everyFace } from './faces';

/** A reading that stands apart from the others of its touch: that comes before anything else is said of the face. */
export const repeatCheck: CrossCheck = {
  of: 'repeat',
  features: everyFace,
  at: (book, feature) => {
    if (feature.kind !== 'face') return undefined;
    const found = faceAnswer(book, feature.face, feature.of);
    if (!found || found.readings.length < 3) return undefined;
    const [at, ...others] = found.result.repeats.wild;
    const odd = at === undefined || others.length > 0 ? undefined : found.readings[at];
    if (!odd) return undefined;
    const good = found.readings.filter((reading) => reading !== odd);
    const rest = answerFrom(book, feature.face, feature.of, good);
    if (!rest) return undefined;
    const { repeats, uncertainty } = rest.result;
    const U = Math.hypot(uncertainty.U, 2 * repeats.sd);
    return {
      against: 'touch',
      measured: odd.value,
      known: repeats.mean,
      measuredU: U,
      U,
      suspects: [[odd]],
    };
  },
};
