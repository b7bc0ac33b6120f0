import type { Gauge } from '../../records/shop/gauge';
import type { Feature } from '../../records/setup/datumPlan';
import { chooseMethod } from '../../methods/chooseMethod';
import type { ChooseMethodOutput } from '../../methods/chooseMethod.schema';
import { methodOf } from '../../methods/method';
import { gaugeAt, type SetupState } from '../basis/setupState';
import { ownRepeatability, uSize, uTouch } from './contactSize';
import { unfitReason } from './methodFitness';
import { gaugeStatusAt } from './gaugeStatusAt';

/** A way to find the feature with what the shop has, best first. */
export type RankedMethod = ChooseMethodOutput['ranked'][number] & { gauge: Gauge };

/** The shop's own gauges ranked for a kind of feature at this job's tolerance; what cannot be used there last, with its reason. */
export function rankedMethods(
  book: SetupState,
  kind: Feature['kind'],
  feature?: Feature,
): { ranked: RankedMethod[]; anyReaches: boolean } {
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
      const { state } = gaugeStatusAt(book, gauge, now);
      const unfit = unfitReason(book, gauge, feature);
      return {
        id: gauge.id,
        name: gauge.name,
        kind: gauge.kind,
        uTouch: uTouch(gauge),
        uSize: uSize(gauge),
        tir: gauge.tir ?? 0,
        ...(own && { sd: own.sd, dof: own.dof }),
        ...((state === 'overdue' || state === 'voided') && { doubtful: state }),
        ...(unfit !== undefined && { unfit }),
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
