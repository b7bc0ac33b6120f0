import type { Feature } from '../../records/setup/datumPlan';
import type { TouchReading } from '../../records/log/reading';
import type { SetupState } from '../basis/setupState';
import { corner } from '../../datum/faces/corner';
import type { CornerInput, CornerOutput } from '../../datum/faces/corner.schema';
import { featureKey, nominalOf, rectangleOf } from '../../datum/feature';
import type { CornerWay } from '../../records/values/faces';
import { facesOfCorner, wallTouch } from '../../datum/shapes';
import { faceReadings } from './face';
import { requireTogether } from './middle';
import { contactInUse, uFelt, backlashAtTouch, methodWith, sameUse } from '../gauges/contactSize';
import { activeReadings } from '../basis/activeRecords';
import { latest } from '../gauges/answer';

export type CornerFeature = Extract<Feature, { kind: 'corner' }>;

export interface CornerAnswer {
  input: CornerInput;
  result: CornerOutput;
  readings: TouchReading[];
}

/** How a corner is found; the one touch of each face is what most people start with. */
export function cornerWay({ datumPlan }: Pick<SetupState, 'datumPlan'>, feature: CornerFeature): CornerWay {
  const way = datumPlan.ways[featureKey(feature)];
  return way === 'square' || way === 'measured' ? way : 'axes';
}

/**
 * A corner from the readings in force of its two faces; undefined while one has none.
 *
 * @throws Refusal when the touches give no corner, or too little for what is asked, or do not go together
 */
export function cornerAnswer(book: SetupState, feature: CornerFeature): CornerAnswer | undefined {
  const way = cornerWay(book, feature);
  const { alongX, alongY } = facesOfCorner(feature.corner);
  const shape = rectangleOf(book.part, feature.of);
  const all = { x: touchesOf(book, alongX, feature.of, way), y: touchesOf(book, alongY, feature.of, way) };
  const last = latest([...all.x, ...all.y]);
  const use = last && contactInUse(book, last, last.axis === 'x' ? 'x' : 'y');
  if (!use || all.x.length === 0 || all.y.length === 0) return undefined;
  const readings = [...all.x, ...all.y];
  for (const reading of readings) requireTogether(book, reading, last);
  const { x = 0, y = 0 } = nominalOf(book.part, book.setup.partZero, feature, book.datumPlan.known);
  const face = (of: 'x' | 'y') => ({
    touches: all[of].map((reading) => point(book, reading)),
    approach: wallTouch(shape, of === 'x' ? alongX : alongY).approach,
  });
  const method = methodWith(book, use.gauge, 'x');
  const input: CornerInput = {
    alongX: face('x'),
    alongY: face('y'),
    ...(way !== 'axes' && { want: way === 'square' ? 'skew' : 'squareness' }),
    nominal: { x, y },
    contact: use.contact,
    method: { ...method, resolution: Math.max(method.resolution, book.machine.axes.y.step) },
    uTouch: uFelt(book, use.gauge, last.takenAt),
    uSize: use.uSize,
    tolerance: book.setup.tolerance,
  };
  return { input, result: corner(input), readings };
}

/** Touches of a face that go into a corner: all that say where along it they were, or for one true to the axes those of one place. */
function touchesOf(
  book: SetupState,
  face: 'left' | 'right' | 'front' | 'back',
  of: string | undefined,
  way: CornerWay,
): TouchReading[] {
  if (way === 'axes') return faceReadings(book, face, of);
  const inForce = activeReadings(book, { kind: 'face', face, of });
  const last = inForce.at(-1);
  return inForce.filter((reading) => last && sameUse(book, reading, last) && reading.across !== undefined);
}

/** Where the contact's centre stood, the backlash of a dial taken off. */
export function point(book: SetupState, reading: TouchReading): { x: number; y: number } {
  const across = reading.across?.value ?? 0;
  const axis = reading.axis === 'x' ? 'x' : 'y';
  const value =
    reading.value + (reading.approach === -1 ? (backlashAtTouch(book, axis, reading.takenAt)?.value ?? 0) : 0);
  return axis === 'x' ? { x: value, y: across } : { x: across, y: value };
}
