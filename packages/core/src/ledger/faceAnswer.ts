import type { Face, Reading } from '../contract/ledger';
import type { Snapshot } from '../contract/setup';
import { edge } from '../datum/edge';
import type { EdgeOutput } from '../datum/edge.schema';
import { FACE_TOUCH, faceCoordinate } from '../datum/partFrame';
import { contactOf, touchU } from './gaugeUse';
import { readingsInForce } from './inForce';

/** A face's answer with the readings it came from, in the same order as `result.repeats`. */
export interface FaceAnswer {
  result: EdgeOutput;
  readings: Reading[];
}

/**
 * Where a face is, from the readings in force; undefined while there are none.
 * Only readings taken with the same contact as the last one are used: another finder is another answer.
 */
export function faceAnswer(snapshot: Snapshot, face: Face): FaceAnswer | undefined {
  const inForce = readingsInForce(snapshot, { kind: 'face', face });
  const last = inForce.at(-1);
  const gauge = snapshot.gauges.find(({ id }) => id === last?.gaugeId);
  if (!last || !gauge) return undefined;
  const readings = inForce.filter(({ gaugeId, feeler }) => gaugeId === last.gaugeId && feeler === last.feeler);
  const { axis, approach } = FACE_TOUCH[face];
  const result = edge({
    readings: readings.map(({ value }) => value),
    approach,
    nominal: faceCoordinate(snapshot.part, snapshot.setup.partZero, face),
    contact: contactOf(gauge, last.feeler),
    method: { resolution: snapshot.machine.axes[axis].step, methodSd: touchU(gauge) },
    finderU: touchU(gauge),
    tolerance: snapshot.setup.tolerance,
  });
  return { result, readings };
}
