import type { Feature } from '../contract/datumPlan';
import type { Reading } from '../contract/ledger';
import type { Snapshot } from '../contract/setup';
import { corner } from '../datum/corner';
import type { CornerInput, CornerOutput } from '../datum/corner.schema';
import { featureKey, nominalOf, rectangleOf } from '../datum/feature';
import type { CornerWay } from '../datum/faces';
import { facesOfCorner, wallTouch } from '../datum/shapes';
import { faceReadings } from './faceAnswer';
import { requireTogether } from './middleAnswer';
import { contactInUse, feltU, lostMotionOf, methodWith, sameUse } from './gaugeUse';
import { readingsInForce } from './inForce';

export type CornerFeature = Extract<Feature, { kind: 'corner' }>;

export interface CornerAnswer {
  input: CornerInput;
  result: CornerOutput;
  readings: Reading[];
}

/** How a corner is found; the one touch of each face is what most people start with. */
export function cornerWay({ datumPlan }: Pick<Snapshot, 'datumPlan'>, feature: CornerFeature): CornerWay {
  const way = datumPlan.ways[featureKey(feature)];
  return way === 'square' || way === 'measured' ? way : 'axes';
}

/**
 * A corner from the readings in force of its two faces; undefined while one has none.
 *
 * @throws Refusal when the touches give no corner, or too little for what is asked, or do not go together
 */
export function cornerAnswer(snapshot: Snapshot, feature: CornerFeature): CornerAnswer | undefined {
  const way = cornerWay(snapshot, feature);
  const { alongX, alongY } = facesOfCorner(feature.corner);
  const shape = rectangleOf(snapshot.part, feature.of);
  const all = { x: touchesOf(snapshot, alongX, feature.of, way), y: touchesOf(snapshot, alongY, feature.of, way) };
  const last = [...all.x, ...all.y].sort((a, b) => a.seq - b.seq).at(-1);
  const use = last && contactInUse(snapshot, last, last.axis === 'x' ? 'x' : 'y');
  if (!use || all.x.length === 0 || all.y.length === 0) return undefined;
  const readings = [...all.x, ...all.y];
  for (const reading of readings) requireTogether(reading, last);
  const { x = 0, y = 0 } = nominalOf(snapshot.part, snapshot.setup.partZero, feature, snapshot.datumPlan.known);
  const face = (of: 'x' | 'y') => ({
    touches: all[of].map((reading) => point(snapshot, reading)),
    approach: wallTouch(shape, of === 'x' ? alongX : alongY).approach,
  });
  const method = methodWith(snapshot, use.gauge, 'x');
  const input: CornerInput = {
    alongX: face('x'),
    alongY: face('y'),
    ...(way !== 'axes' && { want: way === 'square' ? 'skew' : 'squareness' }),
    nominal: { x, y },
    contact: use.contact,
    method: { ...method, resolution: Math.max(method.resolution, snapshot.machine.axes.y.step) },
    finderU: feltU(snapshot, use.gauge),
    tolerance: snapshot.setup.tolerance,
  };
  return { input, result: corner(input), readings };
}

/** Touches of a face that go into a corner: all that say where along it they were, or for one true to the axes those of one place. */
function touchesOf(
  snapshot: Snapshot,
  face: 'left' | 'right' | 'front' | 'back',
  of: string | undefined,
  way: CornerWay,
): Reading[] {
  if (way === 'axes') return faceReadings(snapshot, face, of);
  const inForce = readingsInForce(snapshot, { kind: 'face', face, of });
  const last = inForce.at(-1);
  return inForce.filter((reading) => last && sameUse(reading, last) && reading.across !== undefined);
}

/** Where the contact's centre stood, the backlash of a dial taken off. */
export function point(snapshot: Snapshot, reading: Reading): { x: number; y: number } {
  const across = reading.across?.value ?? 0;
  const axis = reading.axis === 'x' ? 'x' : 'y';
  const value = reading.value + (reading.approach === -1 ? (lostMotionOf(snapshot, axis)?.value ?? 0) : 0);
  return axis === 'x' ? { x: value, y: across } : { x: across, y: value };
}
