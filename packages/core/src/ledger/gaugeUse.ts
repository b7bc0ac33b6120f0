import type { z } from 'zod';
import type { Gauge } from '../contract/shop';
import type { Reading } from '../contract/ledger';
import type { Snapshot } from '../contract/setup';
import type { touchMethod } from '../contract/touch';
import type { EdgeInput } from '../datum/edge.schema';
import { GAUGE_FACTS } from '../metrology/gaugeKinds';
import { METHOD_FACTS, methodOf } from '../methods/method';

/** Size to reckon with: the measured one where it was measured. */
export const sizeOf = (gauge: Gauge): number => gauge.measured ?? gauge.nominal;

/** What a gauge puts between tool and surface, mm: a plate what it adds on Z, a probe nothing, since its length is its tool's. */
export const thicknessOf = (gauge: Gauge): number => (gauge.kind === 'probe' ? 0 : (gauge.offsets?.z ?? sizeOf(gauge)));

/** Standard uncertainty of a touch with it, mm: the shop's own figure, else the kind's default. */
export const touchU = (gauge: Gauge): number => gauge.u ?? GAUGE_FACTS[gauge.kind].defaultU;

/** Repeats in the log from which on they are believed more than the default. */
export const ENOUGH_REPEATS = 10;

/** What the shop's own log says of how a gauge repeats, once it has enough. */
export const ownRepeatability = ({ repeatability }: Pick<Snapshot, 'repeatability'>, gaugeId: string) =>
  repeatability.find((one) => one.gaugeId === gaugeId && one.readings >= ENOUGH_REPEATS);

/** The scatter to reckon with for touches of one axis with a gauge: the log's own once it has enough, else the default. */
export function methodWith(snapshot: Snapshot, gauge: Gauge, axis: 'x' | 'y' | 'z'): z.output<typeof touchMethod> {
  const own = ownRepeatability(snapshot, gauge.id);
  return {
    resolution: snapshot.machine.axes[axis].step,
    methodSd: own?.sd ?? touchU(gauge),
    ...(own && { methodDof: Math.min(own.dof, 10_000) }),
  };
}

/** Whether a gauge stands between a cutter in the spindle and the part. */
export const needsCutter = (gauge: Gauge): boolean => {
  const method = methodOf(gauge.kind);
  return method !== undefined && METHOD_FACTS[method].contact === 'cutter';
};

/** The contact a gauge makes with so much feeler on it. */
export const contactOf = (gauge: Gauge, feeler: number): EdgeInput['contact'] => ({
  diameter: sizeOf(gauge),
  feeler,
  tir: gauge.tir ?? 0,
  spin: GAUGE_FACTS[gauge.kind].spin,
});

type Use = Pick<Reading, 'gaugeId' | 'feeler' | 'tool'>;

/** What touches on an axis as it is used: a gauge itself, or a cutter with paper or a plate before it. */
export function contactInUse(
  { gauges, tools }: Pick<Snapshot, 'gauges' | 'tools'>,
  { gaugeId, feeler, tool }: Use,
  axis: 'x' | 'y',
): { gauge: Gauge; contact: EdgeInput['contact'] } | undefined {
  const gauge = gauges.find(({ id }) => id === gaugeId);
  if (!gauge) return undefined;
  if (!needsCutter(gauge)) return { gauge, contact: contactOf(gauge, feeler) };
  const cutter = tools.find(({ number }) => number === tool);
  if (!cutter) return undefined;
  const between = gauge.offsets?.[axis] ?? sizeOf(gauge);
  return { gauge, contact: { diameter: cutter.diameter, feeler: between + feeler, tir: 0, spin: 'standing' } };
}

/** Whether two readings were taken with one and the same contact. */
export const sameUse = (a: Use, b: Use): boolean =>
  a.gaugeId === b.gaugeId && a.feeler === b.feeler && a.tool === b.tool;

/** Known backlash of an axis that is read on a dial; a readout reads the table itself and needs none. */
export function lostMotionOf({ machine }: Pick<Snapshot, 'machine'>, axis: 'x' | 'y' | 'z') {
  const { backlash } = machine.axes[axis];
  return machine.kind === 'dials' && backlash ? { value: backlash.value, U: backlash.U } : undefined;
}

/** How well touches with a gauge are felt on a machine, what is left of its known backlash included; mm, standard. */
export function feltU(snapshot: Pick<Snapshot, 'machine'>, gauge: Gauge): number {
  const left = (['x', 'y'] as const).map((axis) => (lostMotionOf(snapshot, axis)?.U ?? 0) / 2);
  return Math.hypot(touchU(gauge), Math.max(...left));
}
