import type { Face, Reading } from '../contract/ledger';
import type { Snapshot } from '../contract/setup';
import { edge } from '../datum/edge';
import type { EdgeOutput } from '../datum/edge.schema';
import { nominalOf, rectangleOf } from '../datum/feature';
import { wallTouch } from '../datum/shapes';
import { contactInUse, lostMotionOf, methodWith, sameUse, touchU } from './gaugeUse';
import { readingsInForce } from './inForce';

/** A face's answer with the readings it came from, in the same order as `result.repeats`. */
export interface FaceAnswer {
  result: EdgeOutput;
  readings: Reading[];
}

/** Touches nearer together than this along their face are of one place, mm. */
const ONE_PLACE = 1;

const samePlace = (a: Reading, b: Reading): boolean =>
  a.across === undefined || b.across === undefined
    ? a.across === b.across
    : Math.abs(a.across.value - b.across.value) <= ONE_PLACE;

/** Readings of a face that go together: those in force taken with the same contact, at the same place, as the last one. */
export function faceReadings(snapshot: Snapshot, face: Face, of?: string): Reading[] {
  const inForce = readingsInForce(snapshot, { kind: 'face', face, of });
  const last = inForce.at(-1);
  return last ? inForce.filter((reading) => sameUse(reading, last) && samePlace(reading, last)) : [];
}

/**
 * Where a face is, from the readings in force; undefined while there are none.
 * Only readings taken with the same contact as the last one are used: another finder is another answer.
 */
export function faceAnswer(snapshot: Snapshot, face: Face, of?: string): FaceAnswer | undefined {
  const readings = faceReadings(snapshot, face, of);
  return readings.length > 0 ? answerFrom(snapshot, face, of, readings) : undefined;
}

/** A face's answer from given readings of it, all taken with one contact. */
export function answerFrom(
  snapshot: Snapshot,
  face: Face,
  of: string | undefined,
  readings: Reading[],
): FaceAnswer | undefined {
  const last = readings.at(-1);
  const { axis, approach } = wallTouch(rectangleOf(snapshot.part, of), face);
  const use = last && contactInUse(snapshot, last, axis);
  if (!use) return undefined;
  const lostMotion = lostMotionOf(snapshot, axis);
  const nominal = nominalOf(
    snapshot.part,
    snapshot.setup.partZero,
    { kind: 'face', face, of },
    snapshot.datumPlan.known,
  );
  const result = edge({
    readings: readings.map(({ value }) => value),
    approach,
    nominal: nominal[axis] ?? 0,
    contact: use.contact,
    method: methodWith(snapshot, use.gauge, axis),
    finderU: touchU(use.gauge),
    ...(lostMotion && { lostMotion }),
    tolerance: snapshot.setup.tolerance,
  });
  return { result, readings };
}
