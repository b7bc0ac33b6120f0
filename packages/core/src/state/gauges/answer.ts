import type { Note } from '../../schema/note';
import type { Feature } from '../../records/setup/datumPlan';
import { isTouch, type Reading } from '../../records/log/reading';
import type { Caution } from '../../cautions/caution';
import type { SetupState } from '../basis/setupState';
import type { Covariance } from '../../datum/round/circle.schema';
import type { DatumModel } from '../../datum/datumModel';
import { judge, type Verdict } from '../../metrology/judge';
import type { Repeats } from '../../metrology/repeats';
import type { Uncertainty } from '../../metrology/uncertainty';
import { sumSection, type Working } from '../../working/working';
import { backlashAtTouch } from './contactSize';

/** What a feature tells of one axis, on the scale it was read on. mm. */
export interface AxisAnswer {
  /** Coordinate of the feature, and its place on the part. */
  found: number;
  nominal: number;
  /** Coordinate of part zero. */
  workOffset: number;
  uncertainty: Uncertainty;
  /** What the scale shows where the spindle is known to stand: at the last touch, or over the centre. */
  stands?: number;
}

/**
 * What every answer of the book has, whatever it is of: told apart by its kind, with what it came from, how good that
 * is for this job, its reckoning, and what to mind.
 */
export interface StateAnswer<K extends string> {
  kind: K;
  /** Readings in force it came from. */
  readings: readonly Reading[];
  uncertainty: Uncertainty;
  verdict: Verdict;
  tape: Working;
  cautions: readonly Caution[];
  notes: readonly Note[];
}

/** What a calculation gives as an answer of the book: the same fields, beside the result they were taken from. */
export function answerWith<
  K extends string,
  R extends { uncertainty: Uncertainty; tape: Working; cautions: readonly Caution[]; notes?: readonly Note[] },
>(kind: K, result: R, readings: readonly Reading[], tolerance: number): StateAnswer<K> & { result: R } {
  const { uncertainty, tape, cautions, notes = [] } = result;
  return { kind, result, readings, uncertainty, verdict: judge(uncertainty.U, tolerance), tape, cautions, notes };
}

/** The answer of any feature, in one shape. */
export interface FeatureAnswer extends StateAnswer<'feature'> {
  feature: Feature;
  x?: AxisAnswer;
  y?: AxisAnswer;
  /** Wild readings, by id. */
  wild: string[];
  /** Scatter of a single face's repeats. */
  repeats?: Repeats;
  /** Touches of the face that has fewest. */
  taken: number;
  skew?: { angle: number; U: number };
  /** Angle of the corner less 90, degrees. */
  offSquare?: number;
  size?: { what: 'width' | 'diameter' | 'distance'; measured: number; known: number; U: number };
  /** How far the spindle stands from a swept centre, and what to move it by. */
  off?: { x: number; y: number };
  /** The direction a centre is known worst in, degrees from X, and its U there. */
  weakest?: { angle: number; U: number };
  /** Roundness seen, mm. */
  form?: number;
  /** Taken on the person's word. */
  onMyWord?: boolean;
  covariance?: Covariance;
  model?: DatumModel;
}

/** Independent parts per axis, for answers that are straight sums. */
export const partsModel = (x?: AxisAnswer, y?: AxisAnswer): DatumModel => ({
  kind: 'parts',
  ...(x && { x: { at: x.workOffset, parts: x.uncertainty.parts } }),
  ...(y && { y: { at: y.workOffset, parts: y.uncertainty.parts } }),
});

export const diagonalCovariance = (x?: AxisAnswer, y?: AxisAnswer): Covariance => ({
  xx: (x?.uncertainty.u ?? 0) ** 2,
  xy: 0,
  yy: (y?.uncertainty.u ?? 0) ** 2,
});

export type Of<K extends Feature['kind']> = Extract<Feature, { kind: K }>;

export const whole = (book: SetupState, uncertainty: Uncertainty) => ({
  uncertainty,
  verdict: judge(uncertainty.U, book.setup.tolerance),
});

export const maxU = (x: Uncertainty, y: Uncertainty): Uncertainty => (x.U >= y.U ? x : y);

/** Says on the tape what was taken off touches toward minus on a dial's axes. */
export function withBacklash(book: SetupState, readings: readonly Reading[], tape: Working): Working {
  const lines = (['x', 'y'] as const).flatMap((axis) => {
    const toward = readings.filter(isTouch).filter((one) => one.axis === axis && one.approach === -1);
    const lost = backlashAtTouch(book, axis, toward.at(-1)?.takenAt ?? '');
    return lost && toward.length > 0
      ? [{ label: `added to each ${axis.toUpperCase()} touched going toward −`, value: lost.value }]
      : [];
  });
  const sections = lines.map((line, i) => sumSection(i === 0 ? 'Backlash' : 'Backlash, other axis', [line], 'added'));
  return { sections: [...sections, ...tape.sections] };
}

/** The reading that came last of all. */
export const latest = <R extends Reading>(readings: readonly R[]): R | undefined =>
  readings.reduce<R | undefined>((last, one) => (last === undefined || one.seq >= last.seq ? one : last), undefined);

/** What the scale shows at the last touch along an axis. */
export const lastStands = (readings: readonly Reading[], axis: 'x' | 'y'): { stands?: number } => {
  const last = latest(readings.filter(isTouch));
  if (!last) return {};
  if (last.axis === axis) return { stands: last.value };
  return last.across ? { stands: last.across.value } : {};
};
