import type { Feature } from '@zero-point/core/contract/datumPlan';
import type { Snapshot } from '@zero-point/core/contract/setup';
import type { Gauge } from '@zero-point/core/contract/shop';
import { featureKey } from '@zero-point/core/datum/feature';
import { ownRepeatability, touchU } from '@zero-point/core/ledger/gaugeUse';
import { chooseMethod } from '@zero-point/core/methods/chooseMethod';
import type { ChooseMethodOutput } from '@zero-point/core/methods/chooseMethod.schema';
import { methodOf } from '@zero-point/core/methods/method';
import { changePlan } from '../plan/usePlan';
import { changeDatumPlan } from './useDatum';

/** A way to find the feature with what the shop has, best first. */
export type RankedMethod = ChooseMethodOutput['ranked'][number] & { gauge: Gauge };

/** The shop's own gauges ranked for a kind of feature at this job's tolerance. */
export function rankedMethods(
  snapshot: Snapshot,
  kind: Feature['kind'],
): { ranked: RankedMethod[]; anyReaches: boolean } {
  const { gauges, machine, setup } = snapshot;
  const usable = gauges.filter(({ kind: of, retiredOn }) => retiredOn === undefined && methodOf(of) !== undefined);
  const result = chooseMethod({
    feature: kind === 'round' || kind === 'hole-line' ? 'round' : kind === 'middle' ? 'middle' : 'face',
    tolerance: setup.tolerance,
    resolution: Math.max(machine.axes.x.step, machine.axes.y.step),
    gauges: usable.map((gauge) => {
      const own = ownRepeatability(snapshot, gauge.id);
      return {
        id: gauge.id,
        name: gauge.name,
        kind: gauge.kind,
        u: touchU(gauge),
        tir: gauge.tir ?? 0,
        ...(own && { sd: own.sd, dof: own.dof }),
      };
    }),
  });
  return {
    anyReaches: result.anyReaches,
    ranked: result.ranked.flatMap((way) => {
      const gauge = gauges.find(({ id }) => id === way.gaugeId);
      return gauge ? [{ ...way, gauge }] : [];
    }),
  };
}

/** Takes a method: its gauge becomes the finder, and a bore is swept or plugged where the gauge does that. */
export function takeMethod(snapshot: Snapshot, feature: Feature, { gauge, method }: RankedMethod): void {
  const round = feature.kind === 'round' ? featureKey(feature) : undefined;
  const centred = method === 'indicator' ? 'sweep' : method === 'plug' ? 'plug' : undefined;
  if (round !== undefined) {
    const { [round]: way, ...ways } = snapshot.datumPlan.ways;
    const touched = way === 'points' || way === 'pairs' ? way : 'pairs';
    changeDatumPlan(snapshot, {
      ways: { ...ways, [round]: centred ?? touched },
      ...(centred && { centredWith: { ...snapshot.datumPlan.centredWith, [centred]: gauge.id } }),
    });
  }
  // A sweep or a plug finds bores only; the finder for faces stays.
  if (!centred) changePlan(snapshot, { finderId: gauge.id });
}
