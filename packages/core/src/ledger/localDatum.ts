import type { LocalDatum } from '../contract/datumPlan';
import type { Snapshot } from '../contract/setup';
import type { Point } from '../datum/partFrame';
import { rotate } from '../positions/rotate';
import { carriedRotation } from './alignmentPass';
import { lastZeroing } from './inForce';

/** The local datum both axes were last set to; undefined while part zero itself is in force. */
export function datumInForce(snapshot: Snapshot): LocalDatum | undefined {
  const ids = (['x', 'y'] as const).map((axis) => {
    const subject = lastZeroing(snapshot, axis)?.subject;
    return subject?.kind === 'datum' ? subject.datum : 'main';
  });
  return ids[0] === ids[1] ? snapshot.datumPlan.local.find(({ id }) => id === ids[0]) : undefined;
}

/** Where a local datum is from part zero along the machine's axes, a carried turn of the part taken in, mm. */
export const localOffset = (snapshot: Snapshot, { at }: LocalDatum): Point =>
  rotate(at, carriedRotation(snapshot)?.angle ?? 0);

/** A place of the part, already turned with it, as the scale shows it under the datum in force. */
export function onScale<P extends Point>(snapshot: Snapshot, point: P): P {
  const datum = datumInForce(snapshot);
  if (!datum) return point;
  const { x, y } = localOffset(snapshot, datum);
  return { ...point, x: point.x - x, y: point.y - y };
}
