import { featureKey, nominalOf } from '../../datum/feature';
import type { Point } from '../../geometry/point';
import type { Feature } from '../../records/setup/datumPlan';
import type { Zeroing } from '../../records/log/zeroing';
import type { SetupState } from '../basis/setupState';
import type { FeatureAnswer } from './featureAnswer';
import { lastZeroing, scaleOf } from '../basis/activeRecords';
import { datumInForce } from './localDatum';

/** A zero that setting a feature would lose. */
export interface OverwrittenZero {
  /** What the axes were set by. */
  by: Partial<Record<'x' | 'y', Zeroing['subject']>>;
  /** Where the feature was found, from part zero, mm: where a second zero would be. */
  at: Point;
}

/** Features that are mostly touched as a second zero, once the part has one. */
const SECOND: readonly Feature['kind'][] = ['middle', 'round', 'hole-line'];

/**
 * Whether setting X and Y by a middle or a bore would lose a zero that stands: every axis it tells was set before, by
 * something else, and part zero is in force.
 */
export function overwrittenZero(
  book: SetupState,
  feature: Feature,
  answer: FeatureAnswer,
): OverwrittenZero | undefined {
  if (!SECOND.includes(feature.kind) || datumInForce(book)) return undefined;
  const nominal = nominalOf(book.part, book.setup.partZero, feature, book.datumPlan.known);
  const by: OverwrittenZero['by'] = {};
  const at = { x: nominal.x ?? 0, y: nominal.y ?? 0 };
  for (const axis of ['x', 'y'] as const) {
    const found = answer[axis];
    const set = lastZeroing(book, axis);
    if (set === undefined) return undefined;
    if (!found) continue;
    const own =
      'kind' in set.subject && set.subject.kind === feature.kind && featureKey(set.subject) === featureKey(feature);
    if (own) return undefined;
    by[axis] = set.subject;
    // Where the scale itself counts from part zero, what was found is where it is; in machine coordinates less its offset.
    const from = scaleOf(book) === 'machine' ? (set.form === 'work-offset' ? set.value : undefined) : 0;
    if (from !== undefined) at[axis] += found.workOffset - from;
  }
  return { by, at };
}
