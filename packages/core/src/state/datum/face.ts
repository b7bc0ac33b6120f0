import type { Face } from '../../records/values/subject';
import type { TouchReading } from '../../records/log/reading';
import { memoize, type SetupState } from '../basis/setupState';
import { edge } from '../../datum/faces/edge';
import type { EdgeOutput } from '../../datum/faces/edge.schema';
import { nominalOf, rectangleOf } from '../../datum/feature';
import { wallTouch } from '../../datum/shapes';
import { contactInUse, backlashAtTouch, methodWith, sameUse, uTouch } from '../gauges/contactSize';
import { activeReadings } from '../basis/activeRecords';
import { sameTouchPoint } from '../basis/sameTouchPoint';
import { STOCK } from '../basis/subjectKey';

/** A face's answer with the readings it came from, in the same order as `result.repeats`. */
export interface FaceAnswer {
  result: EdgeOutput;
  readings: TouchReading[];
}

/** Readings of a face that go together: those in force taken with the same contact, at the same place, as the last one. */
export const faceReadings = (book: SetupState, face: Face, of?: string): TouchReading[] =>
  memoize(book, `together at face ${face} ${of ?? STOCK}`, () => {
    const inForce = activeReadings(book, { kind: 'face', face, of });
    const last = inForce.at(-1);
    return last
      ? inForce.filter((reading) => sameUse(book, reading, last) && sameTouchPoint(reading.across, last.across))
      : [];
  });

/**
 * Where a face is, from the readings in force; undefined while there are none.
 * Only readings taken with the same contact as the last one are used: another finder is another answer.
 */
export const faceAnswer = (book: SetupState, face: Face, of?: string): FaceAnswer | undefined =>
  memoize(book, `face ${face} ${of ?? STOCK}`, () => {
    const readings = faceReadings(book, face, of);
    return readings.length > 0 ? answerFrom(book, face, of, readings) : undefined;
  });

/** A face's answer from given readings of it, all taken with one contact. */
export function answerFrom(
  book: SetupState,
  face: Face,
  of: string | undefined,
  readings: TouchReading[],
): FaceAnswer | undefined {
  const last = readings.at(-1);
  const { axis, approach } = wallTouch(rectangleOf(book.part, of), face);
  const use = last && contactInUse(book, last, axis);
  if (!use) return undefined;
  const lostMotion = backlashAtTouch(book, axis, last.takenAt);
  const nominal = nominalOf(book.part, book.setup.partZero, { kind: 'face', face, of }, book.datumPlan.known);
  const result = edge({
    readings: readings.map(({ value }) => value),
    approach,
    nominal: nominal[axis] ?? 0,
    contact: use.contact,
    method: methodWith(book, use.gauge, axis),
    uTouch: uTouch(use.gauge),
    uSize: use.uSize,
    ...(lostMotion && { lostMotion }),
    tolerance: book.setup.tolerance,
  });
  return { result, readings };
}
