import { featureKey } from '../../datum/feature';
import type { Feature } from '../../records/setup/datumPlan';
import type { Working } from '../../working/working';
import { isTouch, type TouchReading } from '../../records/log/reading';
import type { Uncertainty } from '../../metrology/uncertainty';
import type { SetupState } from '../basis/setupState';
import { foundFeatures } from '../datum/foundFeatures';
import { lastZeroing } from '../basis/activeRecords';
import { zZeroAnswer } from './zZero';

/** Part zero on one axis as it was found: where the scale has it, how well, and by which touches. mm. */
export interface ZeroAnswer {
  value: number;
  uncertainty: Uncertainty;
  readings: readonly TouchReading[];
  tape: Working;
  /** What it was found by; nothing for Z. */
  feature?: Feature;
  /** Its coordinate is of the scale as it stands: no longer, once that scale was preset from it. */
  stands: boolean;
}

const FEATURES = ['face', 'corner', 'middle', 'round', 'hole-line'];

const isFeature = (subject: { kind: string }): subject is Feature => FEATURES.includes(subject.kind);

/** Part zero on each axis: from what it was set by, else from what is known best on the current scale. */
export function zeroAnswers(book: SetupState): Partial<Record<'x' | 'y' | 'z', ZeroAnswer>> {
  const zeros: Partial<Record<'x' | 'y' | 'z', ZeroAnswer>> = {};
  for (const axis of ['x', 'y'] as const) {
    const set = lastZeroing(book, axis)?.subject;
    const by = set && 'kind' in set && set.kind !== 'datum' ? set : undefined;
    const candidates = foundFeatures(book)
      .filter(({ answer }) => answer[axis] !== undefined)
      .sort((a, b) => (a.answer[axis]?.uncertainty.U ?? 0) - (b.answer[axis]?.uncertainty.U ?? 0));
    const chosen =
      candidates.find(({ key }) => by && isFeature(by) && key === featureKey(by)) ??
      candidates.find(({ stands }) => stands);
    const answer = chosen?.answer[axis];
    if (chosen && answer)
      zeros[axis] = {
        value: answer.workOffset,
        uncertainty: answer.uncertainty,
        readings: chosen.answer.readings.filter(isTouch),
        tape: chosen.answer.tape,
        feature: chosen.feature,
        stands: chosen.stands,
      };
  }
  const z = zZeroAnswer(book);
  if (z)
    zeros.z = {
      value: z.result.workOffset,
      uncertainty: z.result.uncertainty,
      readings: z.readings.filter(isTouch),
      tape: z.tape,
      stands: true,
    };
  return zeros;
}
