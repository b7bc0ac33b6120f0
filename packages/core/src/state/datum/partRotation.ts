import { featureOf } from '../../datum/feature';
import { alignmentOf } from '../alignment/plan';
import { memoize, withReadings, type SetupState } from '../basis/setupState';
import { featureAnswer } from './featureAnswer';
import { alignmentPass } from '../alignment/taskAnswer';

/** A turn of the part that everything after takes in: degrees counter-clockwise, and its U. */
export interface Rotation {
  angle: number;
  U: number;
}

/**
 * The rotation carried by everything after, found at a datum or along a face; undefined where none is. It is reckoned
 * anew from the very touches it was carried from: a touch struck out since changes it, or takes it away.
 */
export const carriedRotation = (book: SetupState): Rotation | undefined =>
  memoize(book, 'carried rotation', () => fromDatum(book) ?? fromPass(book));

/** Whether a rotation was carried that its touches no longer give: some were struck out since. */
export const carriedIsLost = (book: SetupState): boolean =>
  book.datumPlan.carried !== null && fromDatum(book) === undefined;

function fromDatum(book: SetupState): Rotation | undefined {
  const { carried } = book.datumPlan;
  if (!carried) return undefined;
  if (carried.readings.length === 0) return carried.told;
  const feature = featureOf(book.part, carried.from);
  if (!feature) return undefined;
  const touches = new Set(carried.readings);
  const then = withReadings(
    book,
    book.readings.filter(({ id }) => touches.has(id)),
  );
  const skew = featureAnswer(then, feature)?.skew;
  return skew && { angle: skew.angle, U: skew.U };
}

function fromPass(book: SetupState): Rotation | undefined {
  if (book.datumPlan.carried) return undefined;
  const alignment = alignmentOf(book, 'skew');
  if (alignment?.task !== 'skew' || alignment.carriedPass === null) return undefined;
  const { answer } = alignmentPass(book, alignment, alignment.carriedPass);
  return answer?.task === 'skew' ? { angle: answer.result.angle, U: answer.result.angleU } : undefined;
}
