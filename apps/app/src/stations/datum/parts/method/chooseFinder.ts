import type { Feature } from '@zero-point/core/records/setup/datumPlan';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import type { RankedMethod } from '@zero-point/core/state/gauges/methodRanking';
import { featureKey } from '@zero-point/core/datum/feature';
import { withoutAssumption, savePlan } from '../../../../commands/savePlan';
import { saveDatumPlan } from '../../../../commands/saveDatumPlan';

/** Takes a method: its gauge becomes the finder, and a bore is swept or plugged where the gauge does that. */
export function chooseFinder(book: SetupState, feature: Feature, { gauge, method }: RankedMethod): void {
  const round = feature.kind === 'round' ? featureKey(feature) : undefined;
  const centred = method === 'indicator' ? 'sweep' : method === 'plug' ? 'plug' : undefined;
  if (round !== undefined) {
    const { [round]: way, ...ways } = book.datumPlan.ways;
    const touched = way === 'points' || way === 'pairs' ? way : 'pairs';
    saveDatumPlan(book, {
      ways: { ...ways, [round]: centred ?? touched },
      ...(centred && { centredWith: { ...book.datumPlan.centredWith, [centred]: gauge.id } }),
    });
  }
  // A sweep or a plug finds bores only; the finder for faces stays.
  if (!centred) savePlan(book, { finderId: gauge.id, ...withoutAssumption(book, 'finder') });
}
