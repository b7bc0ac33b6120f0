import type { Feature } from '../contract/datumPlan';
import type { Face, Reading } from '../contract/ledger';
import type { Snapshot } from '../contract/setup';
import { featureKey } from '../datum/feature';
import { FACES } from '../datum/faces';
import { FACES_ACROSS, rectanglesOf, roundsOf, wallTouch, type Rectangle } from '../datum/shapes';
import { explain } from '../discrepancy/explain';
import type { ExplainInput, ExplainOutput } from '../discrepancy/explain.schema';
import { answerFrom, faceAnswer, type FaceAnswer } from './faceAnswer';
import { featureAnswer } from './featureAnswer';
import { contactInUse, sameUse } from './gaugeUse';
import { currentEpoch, lastZeroing, readingsInForce, scaleOf } from './inForce';

/** U of a length from the drawing, the program or a caliper, mm. */
const KNOWN_U = 0.05;

/** Something known held against something measured. */
export interface Agreement {
  key: string;
  /** What is compared: the face or shape it is of, and what is known of it. */
  of: 'width' | 'diameter' | 'caliper' | 'datum' | 'previous' | 'repeat';
  against: 'drawing' | 'caliper' | 'zero' | 'offset' | 'touch';
  feature: Feature;
  /** A second face, where two were compared. */
  other?: Feature;
  measured: number;
  known: number;
  U: number;
  explanation: ExplainOutput;
  /** Readings that could be at fault, face by face. */
  suspects: Reading[][];
}

/** Everything known of a set-up held against everything measured, those that do not agree first. */
export function agreements(snapshot: Snapshot): Agreement[] {
  const { part } = snapshot;
  const faces = rectanglesOf(part).flatMap((shape) => FACES.map((face) => ({ shape, face })));
  const all = [
    ...faces.flatMap(({ shape, face }) => wildOnes(snapshot, shape, face)),
    ...(['x', 'y'] as const).flatMap((axis) => caliperAgainstDrawing(snapshot, axis)),
    ...rectanglesOf(part).flatMap((shape) => (['x', 'y'] as const).flatMap((axis) => width(snapshot, shape, axis))),
    ...roundsOf(part).flatMap(({ id }) => diameter(snapshot, id)),
    ...faces.flatMap(({ shape, face }) => [
      ...touchedAgain(snapshot, shape, face),
      ...previousTouch(snapshot, shape, face),
    ]),
  ];
  return [
    ...all.filter(({ explanation }) => !explanation.agrees),
    ...all.filter(({ explanation }) => explanation.agrees),
  ];
}

const ofShape = ({ id }: Rectangle): { of?: string } => (id === 'stock' ? {} : { of: id });

const faceFeature = (shape: Rectangle, face: Face): Feature => ({ kind: 'face', face, ...ofShape(shape) });

/** What was in use at a touch: only slips that were possible are considered. */
function possible(
  snapshot: Snapshot,
  reading: Reading | undefined,
): Pick<ExplainInput, 'radius' | 'feeler' | 'plate' | 'perTurn' | 'backlash' | 'unit'> {
  const { machine, setup, gauges } = snapshot;
  if (!reading) return { unit: setup.units };
  const axis = reading.axis === 'y' ? 'y' : 'x';
  const use = contactInUse(snapshot, reading, axis);
  const profile = machine.axes[axis];
  const feeler = Math.max(
    reading.feeler,
    setup.feeler,
    ...gauges
      .filter(({ kind }) => kind === 'feeler')
      .map((one) => one.measured ?? one.nominal)
      .slice(0, 1),
  );
  const plate =
    use?.gauge.kind === 'touch-plate' && use.gauge.measured !== undefined
      ? { entered: use.gauge.nominal, measured: use.gauge.measured }
      : undefined;
  return {
    unit: reading.unit,
    ...(use && { radius: use.contact.diameter / 2 + use.contact.feeler }),
    ...(feeler > 0 && { feeler }),
    ...(plate && { plate }),
    ...(machine.kind === 'dials' && profile.dial && { perTurn: profile.dial.perTurn }),
    ...(profile.backlash && { backlash: profile.backlash.value }),
  };
}

/** A reading that stands apart from the others of its touch: that comes before anything else is said of the face. */
function wildOnes(snapshot: Snapshot, shape: Rectangle, face: Face): Agreement[] {
  const found = faceAnswer(snapshot, face, ofShape(shape).of);
  if (!found || found.readings.length < 3) return [];
  const { wild } = found.result.repeats;
  const good = found.readings.filter((_, i) => !wild.includes(i));
  const rest = answerFrom(snapshot, face, ofShape(shape).of, good);
  if (wild.length !== 1 || !rest) return [];
  const [odd] = found.readings.filter((_, i) => wild.includes(i));
  if (!odd) return [];
  const known = rest.result.repeats.mean;
  const U = Math.hypot(rest.result.uncertainty.U, 2 * rest.result.repeats.sd);
  const feature = faceFeature(shape, face);
  return [
    {
      key: `repeat.${featureKey(feature)}`,
      of: 'repeat',
      against: 'touch',
      feature,
      measured: odd.value,
      known,
      U,
      explanation: explain({ measured: odd.value, known, U, ...possible(snapshot, odd) }),
      suspects: [[odd]],
    },
  ];
}

function caliperAgainstDrawing(snapshot: Snapshot, axis: 'x' | 'y'): Agreement[] {
  const measured = snapshot.setup.caliper?.[axis];
  if (measured === undefined) return [];
  const known = snapshot.part.size[axis];
  const U = Math.hypot(KNOWN_U, KNOWN_U);
  return [
    {
      key: `caliper.${axis}`,
      of: 'caliper',
      against: 'drawing',
      feature: { kind: 'middle', axis },
      measured,
      known,
      U,
      explanation: explain({ measured, known, U, unit: snapshot.setup.units }),
      suspects: [],
    },
  ];
}

const epochOf = ({ readings }: FaceAnswer): string => `${readings[0]?.scale} ${readings[0]?.epoch}`;

const calm = ({ result }: FaceAnswer): boolean => result.repeats.wild.length === 0;

/** Two opposite faces touched on one zero of the scale, against the caliper where it was used, else the drawing. */
function width(snapshot: Snapshot, shape: Rectangle, axis: 'x' | 'y'): Agreement[] {
  const { of } = ofShape(shape);
  const [low, high] = FACES_ACROSS[axis];
  const [a, b] = [faceAnswer(snapshot, low, of), faceAnswer(snapshot, high, of)];
  // A reading that stands apart comes first; with it in the mean nothing else can be said.
  if (!a || !b || epochOf(a) !== epochOf(b) || !calm(a) || !calm(b)) return [];
  const caliper = shape.kind === 'stock' ? snapshot.setup.caliper?.[axis] : undefined;
  const known = caliper ?? wallTouch(shape, high).at - wallTouch(shape, low).at;
  const measured = b.result.edge - a.result.edge;
  const U = Math.hypot(a.result.uncertainty.U, b.result.uncertainty.U, KNOWN_U);
  const feature: Feature = { kind: 'middle', axis, ...ofShape(shape) };
  return [
    {
      key: `width.${featureKey(feature)}`,
      of: 'width',
      against: caliper === undefined ? 'drawing' : 'caliper',
      feature,
      measured,
      known,
      U,
      explanation: explain({ measured, known, U, ...possible(snapshot, a.readings[0]) }),
      suspects: [a.readings, b.readings],
    },
  ];
}

/** A bore or boss against its drawn diameter. */
function diameter(snapshot: Snapshot, of: string): Agreement[] {
  const feature: Feature = { kind: 'round', of };
  if (readingsInForce(snapshot, feature).length === 0) return [];
  const size = featureAnswer(snapshot, feature)?.size;
  if (size?.what !== 'diameter') return [];
  const readings = readingsInForce(snapshot, feature);
  const U = Math.hypot(size.U, KNOWN_U);
  const { measured, known } = size;
  return [
    {
      key: `diameter.${featureKey(feature)}`,
      of: 'diameter',
      against: 'drawing',
      feature,
      measured,
      known,
      U,
      explanation: explain({ measured, known, U, ...possible(snapshot, readings[0]) }),
      suspects: [readings],
    },
  ];
}

/** A face touched after its axis was set, against where it ought to be then. */
function touchedAgain(snapshot: Snapshot, shape: Rectangle, face: Face): Agreement[] {
  const found = faceAnswer(snapshot, face, ofShape(shape).of);
  const { axis } = wallTouch(shape, face);
  const set = lastZeroing(snapshot, axis);
  if (!found || !calm(found) || set?.subject.kind === 'datum') return [];
  const [first] = found.readings;
  if (!set || !first || first.scale !== scaleOf(snapshot) || first.epoch !== currentEpoch(snapshot, axis)) return [];
  const offset = set.form === 'work-offset';
  // On a scale that was left as it was, only touches after the offset was entered say anything new.
  if ((offset || first.scale === 'machine') && found.readings.some(({ takenAt }) => takenAt <= set.at)) return [];
  if (!offset && first.scale === 'machine') return [];
  const { result } = found;
  const known = offset ? set.value : result.edge - result.workOffset;
  const measured = offset ? result.workOffset : result.edge;
  // What it was set from was not known better than this touch is.
  const U = Math.hypot(result.uncertainty.U, result.uncertainty.U);
  const feature = faceFeature(shape, face);
  return [
    {
      key: `datum.${featureKey(feature)}`,
      of: 'datum',
      against: offset ? 'offset' : 'zero',
      feature,
      measured,
      known,
      U,
      explanation: explain({ measured, known, U, ...possible(snapshot, first) }),
      suspects: [found.readings],
    },
  ];
}

/** A face touched with one contact and then another, on one zero of the scale. */
function previousTouch(snapshot: Snapshot, shape: Rectangle, face: Face): Agreement[] {
  const { of } = ofShape(shape);
  const now = faceAnswer(snapshot, face, of);
  const [last] = now?.readings ?? [];
  if (!now || !last) return [];
  const inForce = readingsInForce(snapshot, { kind: 'face', face, of });
  const before = inForce.filter((reading) => !sameUse(reading, last) && reading.across === undefined);
  const previous = before.at(-1);
  const then =
    previous &&
    answerFrom(
      snapshot,
      face,
      of,
      before.filter((reading) => sameUse(reading, previous)),
    );
  if (!then || !calm(then) || !calm(now)) return [];
  const [measured, known] = [now.result.edge, then.result.edge];
  const U = Math.hypot(now.result.uncertainty.U, then.result.uncertainty.U);
  const feature = faceFeature(shape, face);
  return [
    {
      key: `previous.${featureKey(feature)}`,
      of: 'previous',
      against: 'touch',
      feature,
      measured,
      known,
      U,
      explanation: explain({ measured, known, U, ...possible(snapshot, last) }),
      suspects: [now.readings, then.readings],
    },
  ];
}
