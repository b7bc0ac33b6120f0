import type { Feature } from '@zero-point/core/record/datumPlan';
import { gaugeAt, type Book } from '@zero-point/core/book/book';
import { standingAt } from '@zero-point/core/book/standingAt';
import type { Gauge } from '@zero-point/core/record/gauge';
import { featureKey } from '@zero-point/core/datum/feature';
import { ownRepeatability, sizeU, touchU } from '@zero-point/core/book/gaugeUse';
import { chooseMethod } from '@zero-point/core/methods/chooseMethod';
import type { ChooseMethodOutput } from '@zero-point/core/methods/chooseMethod.schema';
import { methodOf } from '@zero-point/core/methods/method';
import { changePlan, told } from '../../plan/view';
import { changeDatumPlan } from '../view';

/** A way to find the feature with what the shop has, best first. */
export type RankedMethod = ChooseMethodOutput['ranked'][number] & { gauge: Gauge };

/** The shop's own gauges ranked for a kind of feature at this job's tolerance. */
export function rankedMethods(book: Book, kind: Feature['kind']): { ranked: RankedMethod[]; anyReaches: boolean } {
  const { gauges, machine, setup } = book;
  const now = new Date().toISOString();
  const usable = gauges.filter(({ kind: of, retiredOn }) => retiredOn === undefined && methodOf(of) !== undefined);
  const result = chooseMethod({
    feature: kind === 'round' || kind === 'hole-line' ? 'round' : kind === 'middle' ? 'middle' : 'face',
    tolerance: setup.tolerance,
    resolution: Math.max(machine.axes.x.step, machine.axes.y.step),
    gauges: usable.map((one) => {
      const own = ownRepeatability(book, one.id);
      // Overdue, or dropped since, it is no surer than any of its kind.
      const gauge = gaugeAt(book, one.id, now) ?? one;
      const { state } = standingAt(book, gauge, now);
      return {
        id: gauge.id,
        name: gauge.name,
        kind: gauge.kind,
        touchU: touchU(gauge),
        sizeU: sizeU(gauge),
        tir: gauge.tir ?? 0,
        ...(own && { sd: own.sd, dof: own.dof }),
        ...((state === 'overdue' || state === 'voided') && { doubtful: state }),
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
export function takeMethod(book: Book, feature: Feature, { gauge, method }: RankedMethod): void {
  const round = feature.kind === 'round' ? featureKey(feature) : undefined;
  const centred = method === 'indicator' ? 'sweep' : method === 'plug' ? 'plug' : undefined;
  if (round !== undefined) {
    const { [round]: way, ...ways } = book.datumPlan.ways;
    const touched = way === 'points' || way === 'pairs' ? way : 'pairs';
    changeDatumPlan(book, {
      ways: { ...ways, [round]: centred ?? touched },
      ...(centred && { centredWith: { ...book.datumPlan.centredWith, [centred]: gauge.id } }),
    });
  }
  // A sweep or a plug finds bores only; the finder for faces stays.
  if (!centred) changePlan(book, { finderId: gauge.id, ...told(book, 'finder') });
}
