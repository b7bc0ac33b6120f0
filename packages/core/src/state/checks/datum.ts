import { explain } from '../../mistakes/explain';
import { rectangleOf } from '../../datum/feature';
import { wallTouch } from '../../datum/shapes';
import { faceAnswer } from '../datum/face';
import { currentEpoch, lastZeroing, scaleOf } from '../basis/activeRecords';
import { calm, type CrossCheck } from './check';
import { subjectKey } from '../basis/subjectKey';
import { everyFace } from './faces';

/** A face touched after its axis was set, against where it ought to be then. */
export const datumCheck: CrossCheck = {
  of: 'datum',
  features: everyFace,
  at: (book, feature) => {
    if (feature.kind !== 'face') return undefined;
    const found = faceAnswer(book, feature.face, feature.of);
    const { axis } = wallTouch(rectangleOf(book.part, feature.of), feature.face);
    const set = lastZeroing(book, axis);
    const [first] = found?.readings ?? [];
    if (!found || !first || !set || !calm(found) || set.subject.kind === 'datum') return undefined;
    const { scale } = first.place;
    if (scale !== scaleOf(book) || first.epoch !== currentEpoch(book, axis)) return undefined;
    const offset = set.form === 'work-offset';
    if (!offset && scale === 'machine') return undefined;
    const { edge, workOffset, uncertainty } = found.result;
    // What it was set from was not known better than this touch is.
    const U = Math.hypot(uncertainty.U, uncertainty.U);
    if (offset && found.readings.some(({ takenAt }) => takenAt <= set.at)) {
      // On a scale that was left as it was, touches from before say something new only where one of them was struck out
      // or mended since: then what was entered is not what they say any more, and no touch is at fault.
      const own = set.subject.kind === 'face' && subjectKey(set.subject) === subjectKey(first.subject);
      const moved = { measured: workOffset, known: set.value, measuredU: uncertainty.U, U };
      return own && !explain(moved).agrees ? { against: 'offset', ...moved, suspects: [] } : undefined;
    }
    return {
      against: offset ? 'offset' : 'zero',
      measured: offset ? workOffset : edge,
      known: offset ? set.value : edge - workOffset,
      measuredU: uncertainty.U,
      U,
      suspects: [found.readings],
    };
  },
};
