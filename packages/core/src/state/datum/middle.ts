import type { TouchReading } from '../../records/log/reading';
import type { SetupState } from '../basis/setupState';
import { nominalOf, rectangleOf } from '../../datum/feature';
import { oppositeFaces } from '../../datum/faces/oppositeFaces';
import type { OppositeFacesOutput } from '../../datum/faces/oppositeFaces.schema';
import { FACES_ACROSS, wallTouch } from '../../datum/shapes';
import { Refusal } from '../../problem/problem';
import { isSamePlace } from '../../records/values/place';
import { faceReadings } from './face';
import { contactInUse, backlashAtTouch, methodWith, sameUse, uTouch } from '../gauges/contactSize';

export interface MiddleAnswer {
  result: OppositeFacesOutput;
  readings: TouchReading[];
}

/**
 * The middle of the stock, a block or a pocket along one axis, from both of its faces; undefined while only one was
 * touched.
 *
 * @throws Refusal when the two were touched on different scales or zeros or with different contacts, or the touches
 * cannot be of two opposite faces
 */
export function middleAnswer(book: SetupState, axis: 'x' | 'y', of?: string): MiddleAnswer | undefined {
  const { part, setup } = book;
  const shape = rectangleOf(part, of);
  const [low, high] = FACES_ACROSS[axis];
  const [a, b] = [faceReadings(book, low, of), faceReadings(book, high, of)];
  const [first, second] = [a.at(-1), b.at(-1)];
  if (!first || !second) return undefined;
  requireTogether(book, first, second);
  const use = contactInUse(book, first, axis);
  if (!use) return undefined;
  const lostMotion = backlashAtTouch(book, axis, first.takenAt);
  const values = (readings: readonly TouchReading[]) => readings.map(({ value }) => value);
  const result = oppositeFaces({
    first: { readings: values(a), approach: wallTouch(shape, low).approach },
    second: { readings: values(b), approach: wallTouch(shape, high).approach },
    nominal: nominalOf(part, setup.partZero, { kind: 'middle', axis, of })[axis] ?? 0,
    expected: { kind: shape.kind === 'pocket' ? 'slot' : 'web', width: shape.to[axis] - shape.from[axis] },
    contact: use.contact,
    method: methodWith(book, use.gauge, axis),
    uTouch: uTouch(use.gauge),
    uSize: use.uSize,
    ...(lostMotion && { lostMotion }),
    tolerance: setup.tolerance,
  });
  return { result, readings: [...a, ...b] };
}

/** @throws Refusal when two touches are not on one zero of one scale, or not with one contact */
export function requireTogether(book: SetupState, first: TouchReading, second: TouchReading): void {
  if (!isSamePlace(first.place, second.place) || (first.axis === second.axis && first.epoch !== second.epoch)) {
    throw new Refusal({
      code: 'mixed-scales',
      field: 'readings',
      message:
        'The two faces were touched on different scales, or the scale was set between them. Touch both again on one scale.',
    });
  }
  if (!sameUse(book, first, second)) {
    throw new Refusal({
      code: 'mixed-contacts',
      field: 'readings',
      message:
        'The two faces were touched with different contacts, or the contact was measured again between them. Touch both with one of them.',
    });
  }
}
