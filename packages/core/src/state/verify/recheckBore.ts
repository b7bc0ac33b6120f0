import { quarterOf } from '../../metrology/judge';
import { contactRadiusLines } from '../../datum/faces/contactRadius';
import { nominalOf, roundOf } from '../../datum/feature';
import type { Approach } from '../../schema/quantities';
import type { SetupState } from '../basis/setupState';
import { KNOWN_U } from '../checks/check';
import { zeroAt, type Shift } from '../datum/zeroDoubt';
import { featureAnswer } from '../datum/featureAnswer';
import { contactInUse, backlashAtTouch, sameUse } from '../gauges/contactSize';
import { lastZeroing, isOnThisScale, activeReadings } from '../basis/activeRecords';
import { pairAlong } from '../datum/round';
import type { AgainUse } from './recheckFace';

/** A wall of a bore or boss: along which axis it is touched, and which way the tool moves. */
export interface RoundWall {
  axis: 'x' | 'y';
  approach: Approach;
}

/** The four walls, in pairs, so that the middle along an axis is known after two touches. */
export const ROUND_WALLS: readonly RoundWall[] = [
  { axis: 'x', approach: -1 },
  { axis: 'x', approach: 1 },
  { axis: 'y', approach: -1 },
  { axis: 'y', approach: 1 },
];

/**
 * Where the scale should have the middle of a bore or boss along an axis, mm, and U of that: as it was found on the zero in
 * force, else by that zero and its place on the part. Undefined while the axis is not set.
 */
export function expectedMiddle(
  book: SetupState,
  of: string,
  axis: 'x' | 'y',
): { middle: number; U: number } | undefined {
  const set = lastZeroing(book, axis);
  if (!set) return undefined;
  const before = featureAnswer(book, { kind: 'round', of });
  const along = before?.[axis];
  const U = along?.uncertainty.U ?? KNOWN_U;
  if (before && along && isOnThisScale(book, before.readings)) return { middle: along.found, U };
  const nominal = nominalOf(book.part, book.setup.partZero, { kind: 'round', of })[axis] ?? 0;
  return { middle: zeroAt(book, axis, set) + nominal, U };
}

/**
 * What the scale should show while a wall of a bore or boss is touched, mm, and U of that: its middle, half the diameter to
 * that side, less what stands between the wall and the middle of the tool (ISO 841 signs). The diameter is the measured
 * one where the bore was measured, so that a drawing's does not stand in for it.
 *
 * @param moment when it is touched: a gauge is what it is known to be then
 * @returns undefined while the axis is not set, what touches is not known, or it does not go into the bore
 */
export function expectedWall(
  book: SetupState,
  of: string,
  { axis, approach }: RoundWall,
  use: AgainUse,
  moment: string,
): { reading: number; U: number } | undefined {
  const expected = expectedMiddle(book, of, axis);
  const touch = contactInUse(book, { ...use, takenAt: moment }, axis);
  if (!expected || !touch) return undefined;
  const { kind, diameter } = roundOf(book.part, of);
  const measured = featureAnswer(book, { kind: 'round', of })?.size;
  const radius = contactRadiusLines(touch.contact).reduce((sum, line) => sum + line.value, 0);
  const across = measured?.measured ?? diameter;
  if (kind === 'bore' && 2 * radius >= across) return undefined;
  const wall = expected.middle + approach * (kind === 'bore' ? 1 : -1) * (across / 2);
  const lost = approach === -1 ? (backlashAtTouch(book, axis, moment)?.value ?? 0) : 0;
  return { reading: wall - approach * radius - lost, U: Math.hypot(expected.U, (measured?.U ?? KNOWN_U) / 2) };
}

/**
 * How far the middle of a bore or boss is along an axis from where it should be since that axis was set; undefined until
 * both its walls were touched again with one contact. The diameter and the size of the finder cancel between them.
 */
export function roundShift(book: SetupState, of: string, axis: 'x' | 'y'): Shift | undefined {
  const set = lastZeroing(book, axis);
  const expected = expectedMiddle(book, of, axis);
  if (!set || !expected) return undefined;
  const inForce = touchedAgain(book, of, axis);
  const last = inForce.at(-1);
  const use = last && contactInUse(book, last, axis);
  if (!last || !use || !isOnThisScale(book, [last])) return undefined;
  const readings = inForce.filter((reading) => sameUse(book, reading, last));
  const pair = pairAlong(book, of, axis, readings, use);
  if (!pair) return undefined;
  const off = pair.centre - expected.middle;
  const U = Math.hypot(pair.uncertainty.U, expected.U);
  return { axis, off, U, stands: Math.abs(off) <= Math.max(U, quarterOf(book.setup.tolerance)), readings };
}

/** Touches of the walls across an axis since it was set last. */
export function touchedAgain(book: SetupState, of: string, axis: 'x' | 'y') {
  const set = lastZeroing(book, axis);
  if (!set) return [];
  return activeReadings(book, { kind: 'return-round', after: set.id, of }).filter((one) => one.axis === axis);
}
