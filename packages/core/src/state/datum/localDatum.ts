import type { LocalDatum } from '../../records/setup/datumPlan';
import type { SetupState } from '../basis/setupState';
import type { Point } from '../../geometry/point';
import { rotate } from '../../geometry/rotate';
import { carriedRotation } from './partRotation';
import { lastZeroing } from '../basis/activeRecords';

/** The local datum both axes were last set to; undefined while part zero itself is in force. */
export function datumInForce(book: SetupState): LocalDatum | undefined {
  const ids = (['x', 'y'] as const).map((axis) => {
    const subject = lastZeroing(book, axis)?.subject;
    return subject?.kind === 'datum' ? subject.datum : 'main';
  });
  return ids[0] === ids[1] ? book.datumPlan.local.find(({ id }) => id === ids[0]) : undefined;
}

/** Where a local datum is from part zero along the machine's axes, a carried turn of the part taken in, mm. */
export const localOffset = (book: SetupState, { at }: LocalDatum): Point =>
  rotate(at, carriedRotation(book)?.angle ?? 0);

/** A place of the part, already turned with it, as the scale shows it under the datum in force. */
export function isOnScale<P extends Point>(book: SetupState, point: P): P {
  const datum = datumInForce(book);
  if (!datum) return point;
  const { x, y } = localOffset(book, datum);
  return { ...point, x: point.x - x, y: point.y - y };
}
