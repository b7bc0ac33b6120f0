import { quarterOf } from '../../metrology/judge';
import { nominalOf, rectangleOf } from '../../datum/feature';
import { FACES_ACROSS, wallTouch } from '../../datum/shapes';
import { pooledVariance } from '../../metrology/touchBudget';
import { combine, type BudgetPart } from '../../metrology/uncertainty';
import type { Feature } from '../../records/setup/datumPlan';
import type { NewInterruption } from '../../records/log/interruption';
import type { TouchReading } from '../../records/log/reading';
import type { Face } from '../../records/values/subject';
import type { Axis } from '../../schema/quantities';
import { diagonalCovariance, partsModel, whole, maxU, type AxisAnswer, type FeatureAnswer } from '../gauges/answer';
import { memoize, type SetupState } from '../basis/setupState';
import { KNOWN_U } from '../checks/check';
import { sameUse } from '../gauges/contactSize';
import { lastZeroing, isOnThisScale, activeReadings } from '../basis/activeRecords';
import { answerFrom, faceAnswer } from './face';

type FaceFeature = Extract<Feature, { kind: 'face' }>;

/** Something touched once more, against where it was. Lengths mm. */
export interface Shift {
  axis: Axis;
  /** Where it is now less where it was. */
  off: number;
  /** U of that, from both touches. */
  U: number;
  /** Within what both touches are sure of, or within a quarter of what the job allows: the zero stands. */
  stands: boolean;
  readings: TouchReading[];
}

/** A face touched once more. */
export interface FaceShift extends Shift {
  feature: FaceFeature;
}

/** A zero that may not be what it was: what happened since it was set, and what proves it. */
export interface ZeroDoubt {
  id: string;
  what: Exclude<NewInterruption['what'], 'stands'>;
  at: string;
  /** Axes set before it. */
  axes: Axis[];
  /** Faces whose one touch proves it: those that were touched before, then the part's own. */
  faces: FaceFeature[];
  /** The touch that was to prove it, where the zero did not stand. */
  shift: FaceShift | undefined;
}

const AXES = ['x', 'y', 'z'] as const;

/** The last interruption that nobody's word has settled; undefined where there is none. */
function lastInterruption({ interruptions }: SetupState) {
  const sorted = [...interruptions].sort((a, b) => a.at.localeCompare(b.at) || a.seq - b.seq);
  const last = sorted.at(-1);
  return last && last.what !== 'stands' ? { ...last, what: last.what } : undefined;
}

/**
 * Whether the zero of X, Y and Z is in doubt: the machine was homed, without power or left since they were set, and no
 * face was touched since that shows they stand. Nothing may be driven to before that.
 */
export const zeroDoubtOf = (book: SetupState): ZeroDoubt | undefined => memoize(book, 'doubt', () => findDoubt(book));

function findDoubt(book: SetupState): ZeroDoubt | undefined {
  const last = lastInterruption(book);
  if (!last) return undefined;
  const axes = AXES.filter((axis) => {
    const set = lastZeroing(book, axis);
    return set !== undefined && set.at <= last.at;
  });
  if (axes.length === 0) return undefined;
  const faces = provingFaces(book, axes);
  const shifts = faces.flatMap((feature) => shiftOf(book, last.id, feature) ?? []);
  if (shifts.some(({ stands }) => stands) && shifts.every(({ stands }) => stands)) return undefined;
  return { id: last.id, what: last.what, at: last.at, axes, faces, shift: shifts.find(({ stands }) => !stands) };
}

/** Faces that can prove a zero, those touched before first. */
function provingFaces(book: SetupState, axes: readonly Axis[]): FaceFeature[] {
  const all = (['x', 'y'] as const)
    .filter((axis) => axes.includes(axis))
    .flatMap((axis) => FACES_ACROSS[axis].map((face): FaceFeature => ({ kind: 'face', face })));
  const touched = all.filter(({ face }) => faceAnswer(book, face) !== undefined);
  return [...touched, ...all.filter((one) => !touched.includes(one))];
}

/**
 * How far a face is from where it was before an interruption; undefined while it was not touched since. Where it was is
 * told by its own touch on the same zero, else by the zero that was set and its place on the part.
 */
export function shiftOf(book: SetupState, after: string, feature: FaceFeature): FaceShift | undefined {
  const { face, of } = feature;
  const { axis } = wallTouch(rectangleOf(book.part, of), face);
  const inForce = activeReadings(book, { kind: 'return', after, face, of });
  const last = inForce.at(-1);
  const set = lastZeroing(book, axis);
  if (!last || !set || !isOnThisScale(book, [last])) return undefined;
  const readings = inForce.filter((reading) => sameUse(book, reading, last));
  const now = answerFrom(book, face, of, readings)?.result;
  if (!now) return undefined;
  const was = expectedEdge(book, feature);
  if (!was) return undefined;
  const off = now.edge - was.edge;
  const U = Math.hypot(now.uncertainty.U, was.U);
  return { feature, axis, off, U, stands: Math.abs(off) <= Math.max(U, quarterOf(book.setup.tolerance)), readings };
}

/**
 * Where the scale should have a face, mm, and U of that: by its own touch on the zero in force, else by that zero and the
 * face's place on the part. Undefined while its axis is not set.
 */
export function expectedEdge(book: SetupState, feature: FaceFeature): { edge: number; U: number } | undefined {
  const { face, of } = feature;
  const { axis } = wallTouch(rectangleOf(book.part, of), face);
  const set = lastZeroing(book, axis);
  if (!set) return undefined;
  const before = faceAnswer(book, face, of);
  const U = before?.result.uncertainty.U ?? KNOWN_U;
  if (before && isOnThisScale(book, before.readings)) return { edge: before.result.edge, U };
  const nominal = nominalOf(book.part, book.setup.partZero, feature, book.datumPlan.known)[axis] ?? 0;
  return { edge: zeroAt(book, axis, set) + nominal, U };
}

/** Where the scale shows part zero, mm: nothing where it was set to, the figure of a work offset; beside it on a local datum. */
export function zeroAt(book: SetupState, axis: 'x' | 'y', set: NonNullable<ReturnType<typeof lastZeroing>>): number {
  const { subject } = set;
  const local = subject.kind === 'datum' ? book.datumPlan.local.find(({ id }) => id === subject.datum) : undefined;
  return (set.form === 'work-offset' ? set.value : 0) - (local?.at[axis] ?? 0);
}

/** Standard deviation of homing until the machine's own returns have told it, mm, and the degrees of freedom behind that. */
const HOMING_SD = 0.01;
const HOMING_DOF = 4;

/**
 * What homing left unsure of a feature that was found before it: how far the faces touched since came back from where they
 * were, pooled with what is taken of any machine (JCGM 100:2008, H.3.6). Nothing where it was not homed since.
 */
export function homingPart(book: SetupState, foundAt: string): BudgetPart | undefined {
  const homed = book.interruptions.filter(({ what, at }) => (what === 'homed' || what === 'power-off') && at > foundAt);
  if (homed.length === 0) return undefined;
  const seen = homed.flatMap(({ id }) =>
    provingFaces(book, AXES).flatMap((feature) => shiftOf(book, id, feature)?.off ?? []),
  );
  const squares = seen.reduce((sum, off) => sum + off ** 2, 0);
  const { variance, dof } = pooledVariance(
    { resolution: 0, methodSd: HOMING_SD, methodDof: HOMING_DOF },
    squares,
    seen.length,
  );
  return { name: 'homing', u: Math.sqrt(variance), shape: 'normal', dof };
}

/** A feature's answer with what a homing since its touches left unsure of its place; its sizes and angles stand as they are. */
export function afterHoming(book: SetupState, answer: FeatureAnswer): FeatureAnswer {
  if (book.interruptions.length === 0 || !isOnThisScale(book, answer.readings)) return answer;
  const foundAt = answer.readings.reduce((last, { takenAt }) => (takenAt > last ? takenAt : last), '');
  const part = homingPart(book, foundAt);
  if (!part || (!answer.x && !answer.y)) return answer;
  const unsure = (axis: AxisAnswer | undefined): AxisAnswer | undefined =>
    axis && { ...axis, uncertainty: combine([...axis.uncertainty.parts, part]) };
  const [x, y] = [unsure(answer.x), unsure(answer.y)];
  const { model: _, covariance = diagonalCovariance(answer.x, answer.y), ...rest } = answer;
  const uncertainty = x && y ? maxU(x.uncertainty, y.uncertainty) : (x ?? y)?.uncertainty;
  return {
    ...rest,
    ...(x && { x }),
    ...(y && { y }),
    ...(uncertainty && whole(book, uncertainty)),
    covariance: {
      xx: covariance.xx + (x ? part.u ** 2 : 0),
      xy: covariance.xy,
      yy: covariance.yy + (y ? part.u ** 2 : 0),
    },
    ...(answer.model?.kind === 'parts' && { model: partsModel(x, y) }),
  };
}

/** So long nobody did anything here, milliseconds: a night. */
const NIGHT = 8 * 3600 * 1000;

/** When somebody did something in a setup last, where that is a night ago or more and X or Y were set; undefined else. */
export function leftSince(book: SetupState, now: number): string | undefined {
  if (!(['x', 'y'] as const).some((axis) => lastZeroing(book, axis) !== undefined)) return undefined;
  const moments = [
    ...book.readings.map(({ takenAt }) => takenAt),
    ...book.zeroings.map(({ at }) => at),
    ...book.checks.map(({ at }) => at),
    ...book.interruptions.map(({ at }) => at),
    ...book.readBacks.map(({ at }) => at),
  ];
  const last = moments.reduce((latest, one) => (one > latest ? one : latest), '');
  return last !== '' && now - Date.parse(last) >= NIGHT ? last : undefined;
}

/** Whether a face is one that proves a doubted zero, so that a touch of it now is held against where it was. */
export const provesZero = (doubt: ZeroDoubt | undefined, face: Face, of: string | undefined): boolean =>
  doubt !== undefined && of === undefined && doubt.faces.some((one) => one.face === face);
