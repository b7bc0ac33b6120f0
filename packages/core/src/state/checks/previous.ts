import { sameUse } from '../gauges/contactSize';
import { activeReadings } from '../basis/activeRecords';
import { answerFrom, faceAnswer } from '../datum/face';
import { calm, type CrossCheck } from './check';
import { everyFace } from './faces';

/** A face touched with one contact and then another, on one zero of the scale. */
export const previousCheck: CrossCheck = {
  of: 'previous',
  features: everyFace,
  at: (book, feature) => {
    if (feature.kind !== 'face') return undefined;
    const { face, of } = feature;
    const now = faceAnswer(book, face, of);
    const [last] = now?.readings ?? [];
    if (!now || !last) return undefined;
    const inForce = activeReadings(book, feature);
    if (inForce.length === now.readings.length) return undefined;
    const before = inForce.filter((reading) => !sameUse(book, reading, last) && reading.across === undefined);
    const previous = before.at(-1);
    const together = previous && before.filter((reading) => sameUse(book, reading, previous));
    const then = together && answerFrom(book, face, of, together);
    if (!then || !calm(then) || !calm(now)) return undefined;
    return {
      against: 'touch',
      measured: now.result.edge,
      known: then.result.edge,
      measuredU: now.result.uncertainty.U,
      U: Math.hypot(now.result.uncertainty.U, then.result.uncertainty.U),
      suspects: [now.readings, then.readings],
    };
  },
};
