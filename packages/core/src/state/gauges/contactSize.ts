import type { z } from 'zod';
import type { EdgeInput } from '../../datum/faces/edge.schema';
import { GAUGE_FACTS, isRound } from '../../metrology/gauges/gaugeKinds';
import { METHOD_FACTS, methodOf } from '../../methods/method';
import type { Tool } from '../../records/shop/cutter';
import type { TouchReading } from '../../records/log/reading';
import type { Snapshot } from '../../records/snapshots/snapshot';
import type { touchMethod } from '../../schema/touch';
import { backlashAt, cutterSizeAt, gaugeAt, type SetupState } from '../basis/setupState';
import type { KnownGauge } from '../basis/calibratedGauge';

/** Size to reckon with, mm: the measured one where it was measured. */
export const sizeOf = (gauge: KnownGauge): number => gauge.measured ?? gauge.nominal;

/** What a gauge puts between tool and surface, mm: a plate what it adds on Z, a probe nothing, since its length is its tool's. */
export const thicknessOf = (gauge: KnownGauge): number =>
  GAUGE_FACTS[gauge.kind].ownLength ? 0 : (gauge.offsets?.z ?? sizeOf(gauge));

/** Standard uncertainty of where a touch with it trips, mm: the shop's own figure, else the kind's default. */
export const uTouch = (gauge: KnownGauge): number => gauge.u ?? GAUGE_FACTS[gauge.kind].uTouch;

/**
 * Standard uncertainty of its effective radius, or of its thickness under a tool, mm: half of the U it was calibrated
 * with (k = 2), the kind's default until then.
 */
export function uSize({ kind, measuredU }: KnownGauge, as: 'radius' | 'thickness' = 'radius'): number {
  if (measuredU === undefined) return GAUGE_FACTS[kind].uSize;
  return measuredU / 2 / (as === 'radius' && isRound(kind) ? 2 : 1);
}

/** Repeats in the log from which on they are believed more than the default. */
export const ENOUGH_REPEATS = 10;

/** What the shop's own log says of how a gauge repeats, once it has enough. */
export const ownRepeatability = ({ repeatability }: Pick<Snapshot, 'repeatability'>, gaugeId: string) =>
  repeatability.find((one) => one.gaugeId === gaugeId && one.readings >= ENOUGH_REPEATS);

/**
 * The scatter to reckon with for touches of one axis with a gauge, the log's own once it has enough, else the default; and
 * the step really read: the jog step it was touched by, where that is coarser than the display.
 */
export function methodWith(book: SetupState, gauge: KnownGauge, axis: 'x' | 'y' | 'z'): z.output<typeof touchMethod> {
  const own = ownRepeatability(book, gauge.id);
  return {
    resolution: Math.max(book.machine.axes[axis].step, book.datumPlan.movedBy?.[gauge.id] ?? 0),
    methodSd: own?.sd ?? uTouch(gauge),
    ...(own && { methodDof: Math.min(own.dof, 10_000) }),
  };
}

/** Whether a gauge stands between a cutter in the spindle and the part. */
export const needsCutter = (gauge: KnownGauge): boolean => {
  const method = methodOf(gauge.kind);
  return method !== undefined && METHOD_FACTS[method].contact === 'cutter';
};

/** The contact a gauge makes with so much feeler on it. */
export const contactOf = (gauge: KnownGauge, feeler: number): EdgeInput['contact'] => ({
  diameter: sizeOf(gauge),
  feeler,
  tir: gauge.tir ?? 0,
  spin: GAUGE_FACTS[gauge.kind].spin,
});

/** How a touch was made, or would be: with what, and when, since a gauge is what it was known to be then. */
type Use = Pick<TouchReading, 'gaugeId' | 'feeler' | 'tool' | 'cutterId' | 'takenAt'> &
  Partial<Pick<TouchReading, 'source'>>;

/** Standard uncertainty of half a cutter's diameter, mm: as it is marked, and as measured where no U was told. */
const CUTTER_U = { marked: 0.01, measured: 0.005 } as const;

/**
 * The cutter of a touch, as it measured then: the very one that was in the spindle, else the one that has the number.
 * Lengths in mm, `u` standard, of half the diameter.
 */
function cutterOf(book: SetupState, { tool, cutterId, takenAt }: Use): { diameter: number; u: number } | undefined {
  const cutter: Pick<Tool, 'id' | 'diameter'> | undefined =
    book.cutters.find(({ id }) => id === cutterId) ?? book.tools.find(({ number }) => number === tool);
  if (!cutter) return undefined;
  const size = cutterSizeAt(book, cutter.id, takenAt);
  if (!size) return { diameter: cutter.diameter, u: CUTTER_U.marked };
  return { diameter: size.value, u: size.U === undefined ? CUTTER_U.measured : size.U / 4 };
}

/**
 * Finder on an axis as it is used: a gauge itself, or a cutter with paper or a plate before it. A result of the
 * control's own cycle has the ball taken off already, so nothing is left to take off.
 */
export function contactInUse(
  book: SetupState,
  use: Use,
  axis: 'x' | 'y',
): { gauge: KnownGauge; contact: EdgeInput['contact']; uSize: number } | undefined {
  const gauge = gaugeAt(book, use.gaugeId, use.takenAt);
  if (!gauge) return undefined;
  if (use.source?.by === 'control') {
    const contact = { diameter: 0, feeler: 0, tir: 0, spin: 'standing' } as const;
    return { gauge, contact, uSize: uSize(gauge) };
  }
  if (!needsCutter(gauge)) return { gauge, contact: contactOf(gauge, use.feeler), uSize: uSize(gauge) };
  const cutter = cutterOf(book, use);
  if (!cutter) return undefined;
  const between = gauge.offsets?.[axis] ?? sizeOf(gauge);
  return {
    gauge,
    contact: { diameter: cutter.diameter, feeler: between + use.feeler, tir: 0, spin: 'standing' },
    // What is taken for paper and plates is of the whole way of touching, a marked cutter with it.
    uSize: GAUGE_FACTS[gauge.kind].uSizeWithCutter ? uSize(gauge) : Math.hypot(uSize(gauge), cutter.u),
  };
}

/** Whether two readings were taken with one and the same contact, of the same size as it was known at each. */
export function sameUse(book: SetupState, a: Use, b: Use): boolean {
  if (a.gaugeId !== b.gaugeId || a.feeler !== b.feeler || a.tool !== b.tool || a.cutterId !== b.cutterId) return false;
  if ((a.source?.by === 'control') !== (b.source?.by === 'control')) return false;
  if (a.tool !== undefined && cutterOf(book, a)?.diameter !== cutterOf(book, b)?.diameter) return false;
  // A gauge that was never measured is the same at any moment; so is any at one moment.
  if (a.takenAt === b.takenAt || !book.index.calibrations.has(a.gaugeId)) return true;
  const [then, later] = [gaugeAt(book, a.gaugeId, a.takenAt), gaugeAt(book, b.gaugeId, b.takenAt)];
  if (then === later || !then || !later) return true;
  return sizeOf(then) === sizeOf(later) && then.tir === later.tir && sameOffsets(then, later);
}

const sameOffsets = ({ offsets: a }: KnownGauge, { offsets: b }: KnownGauge): boolean =>
  a?.x === b?.x && a?.y === b?.y && a?.z === b?.z;

/** Backlash of an axis that is read on a dial, as it was known at a moment; a DRO reads the table itself and needs none. */
export function backlashAtTouch(book: SetupState, axis: 'x' | 'y' | 'z', moment: string) {
  if (book.machine.kind !== 'dials') return undefined;
  const backlash = backlashAt(book, axis, moment);
  return backlash && { value: backlash.value, U: backlash.U };
}

/** How well touches with a gauge are felt on a machine, what is left of its known backlash included; mm, standard. */
export function uFelt(book: SetupState, gauge: KnownGauge, moment: string): number {
  const left = (['x', 'y'] as const).map((axis) => (backlashAtTouch(book, axis, moment)?.U ?? 0) / 2);
  return Math.hypot(uTouch(gauge), Math.max(...left));
}
