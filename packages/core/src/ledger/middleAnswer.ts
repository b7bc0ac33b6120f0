import type { Face, Reading } from '../contract/ledger';
import type { Snapshot } from '../contract/setup';
import { oppositeFaces } from '../datum/oppositeFaces';
import type { OppositeFacesOutput } from '../datum/oppositeFaces.schema';
import { FACE_TOUCH, faceCoordinate } from '../datum/partFrame';
import { Refusal } from '../problem';
import { faceAnswer } from './faceAnswer';
import { contactOf, touchU } from './gaugeUse';

export interface MiddleAnswer {
  result: OppositeFacesOutput;
  readings: Reading[];
}

/** The two faces across an axis, the one touched toward + first. */
export const FACES_ACROSS: Readonly<Record<'x' | 'y', readonly [Face, Face]>> = {
  x: ['left', 'right'],
  y: ['front', 'back'],
};

/**
 * The middle of the stock along one axis, from both of its faces; undefined while only one was touched, or the two
 * were touched on different zeros of the scale or with different contacts.
 */
export function middleAnswer(snapshot: Snapshot, axis: 'x' | 'y'): MiddleAnswer | undefined {
  const [near, far] = FACES_ACROSS[axis];
  const [a, b] = [faceAnswer(snapshot, near), faceAnswer(snapshot, far)];
  const [first, second] = [a?.readings.at(-1), b?.readings.at(-1)];
  if (!a || !b || !first || !second) return undefined;
  if (first.epoch !== second.epoch || first.gaugeId !== second.gaugeId || first.feeler !== second.feeler)
    return undefined;
  const gauge = snapshot.gauges.find(({ id }) => id === first.gaugeId);
  if (!gauge) return undefined;
  const values = (readings: readonly Reading[]) => readings.map(({ value }) => value);
  const { part, setup } = snapshot;
  const nominal = (faceCoordinate(part, setup.partZero, near) + faceCoordinate(part, setup.partZero, far)) / 2;
  try {
    const result = oppositeFaces({
      first: { readings: values(a.readings), approach: FACE_TOUCH[near].approach },
      second: { readings: values(b.readings), approach: FACE_TOUCH[far].approach },
      nominal,
      contact: contactOf(gauge, first.feeler),
      method: { resolution: snapshot.machine.axes[axis].step, methodSd: touchU(gauge) },
      finderU: touchU(gauge),
      tolerance: setup.tolerance,
    });
    return { result, readings: [...a.readings, ...b.readings] };
  } catch (error) {
    if (error instanceof Refusal) return undefined;
    throw error;
  }
}
