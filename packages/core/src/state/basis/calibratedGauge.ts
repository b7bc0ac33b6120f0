import type { ScaleError } from '../../calibration/scale/scaleErrorAt';
import { GAUGE_FACTS, isRound } from '../../metrology/gauges/gaugeKinds';
import type { Calibration, CalibrationFound } from '../../records/shop/calibration';
import type { Gauge } from '../../records/shop/gauge';
import { gaugeStatusOf } from './gaugeStatus';

/** A gauge with what was found of it. Lengths in mm. */
export interface KnownGauge extends Gauge {
  /** Measured size where it was measured; used instead of the marked one. */
  measured?: number;
  /** U of that size at 95 %, where it was told with it. */
  measuredU?: number;
  /** What a corner plate adds on each axis, where that is not its thickness. */
  offsets?: { x: number; y: number; z: number };
  /** Total indicator reading. */
  tir?: number;
  /** Standard uncertainty of where a touch trips, where the shop knows better than the kind's default. */
  u?: number;
  /** Standard uncertainty an instrument's own errors leave, mm, as blocks showed them. */
  errorU?: number;
  /** A probe's length from the gauge line, mm. */
  length?: number;
  /** How far a cutter stands above a surface when it answers there from its arm, mm. */
  arm?: number;
  /** The moment its latest calibration was made. */
  checkedAt?: string;
}

export type Backlash = Extract<CalibrationFound, { what: 'backlash' }> & { from: string };

/** The calibration of one sort that is in force at a moment, of those given in the order they were made; the latest where no moment is given. */
const inForce = <W extends CalibrationFound['what']>(
  calibrations: readonly Calibration[],
  what: W,
  moment: string | undefined,
): (Calibration & { found: Extract<CalibrationFound, { what: W }> }) | undefined =>
  calibrations.findLast(
    (one): one is Calibration & { found: Extract<CalibrationFound, { what: W }> } =>
      one.found.what === what && (moment === undefined || one.from <= moment),
  );

/** Those made since a new stylus or a repair: what was found before is of another thing. */
const ofThisThing = (calibrations: readonly Calibration[], moment: string | undefined): readonly Calibration[] => {
  const renewed = calibrations.findLastIndex(
    ({ found, from }) =>
      found.what === 'void' &&
      (found.why === 'new-stylus' || found.why === 'repaired') &&
      (moment === undefined || from <= moment),
  );
  return renewed < 0 ? calibrations : calibrations.slice(renewed + 1);
};

/**
 * A gauge as its calibrations have it at a moment: today's where none is given. Where it was overdue then, or had been
 * dropped or in a crash, its size is the last one known, but no surer than any of its kind.
 */
export function gaugeKnownBy(gauge: Gauge, calibrations: readonly Calibration[], moment?: string): KnownGauge {
  if (calibrations.length === 0) return gauge;
  const current = ofThisThing(calibrations, moment);
  const size = inForce(current, 'size', moment);
  const offsets = inForce(current, 'offsets', moment)?.found;
  const tir = inForce(current, 'run-out', moment)?.found.value;
  const touch = inForce(current, 'touch', moment);
  const u = touch?.found.value;
  const errors = inForce(current, 'errors', moment)?.found.errors;
  const length = inForce(current, 'length', moment)?.found.value;
  const arm = inForce(current, 'arm', moment)?.found.value;
  const doubted = moment !== undefined && isDoubted(gauge, calibrations, moment);
  const facts = GAUGE_FACTS[gauge.kind];
  // A default stands for half of a diameter, and for all of a thickness.
  const leastU = 2 * facts.uSize * (isRound(gauge.kind) ? 2 : 1);
  const measuredU = size?.found.U;
  return {
    ...gauge,
    ...(size && { measured: size.found.value, checkedAt: size.at }),
    ...(measuredU !== undefined && { measuredU: doubted ? Math.max(measuredU, leastU) : measuredU }),
    ...(errors && { errorU: worstOf(errors) }),
    ...(length !== undefined && { length }),
    ...(arm !== undefined && { arm }),
    ...(offsets && { offsets: { x: offsets.x, y: offsets.y, z: offsets.z } }),
    ...(tir !== undefined && { tir }),
    ...(touch &&
      u !== undefined && { u: doubted || isBeforeVoid(touch, current, moment) ? Math.max(u, facts.uTouch) : u }),
  };
}

/** Found before a crash or a fall: a size found again since says nothing of how it feels. */
const isBeforeVoid = (one: Calibration, calibrations: readonly Calibration[], moment: string | undefined): boolean =>
  calibrations
    .slice(calibrations.indexOf(one) + 1)
    .some(({ found, from }) => found.what === 'void' && (moment === undefined || from <= moment));

/** What errors at blocks leave unknown, standard: they are taken to lie anywhere up to the largest (JCGM 100:2008, 4.3.7), with its own U. */
const worstOf = (errors: readonly { error: number; U: number }[]): number =>
  Math.max(...errors.map(({ error, U }) => Math.hypot(error / Math.sqrt(3), U / 2)));

/** Whether the calibration of a gauge did not count as sure at a moment. */
const isDoubted = (gauge: Gauge, calibrations: readonly Calibration[], moment: string): boolean => {
  const { state } = gaugeStatusOf(gauge, calibrations, moment);
  return state === 'overdue' || state === 'voided';
};

/** A cutter's diameter as it was measured, in force at a moment, with its U where that was told; undefined while nobody measured it. mm. */
export function cutterSizeOf(
  calibrations: readonly Calibration[],
  moment?: string,
): { value: number; U: number | undefined } | undefined {
  // Ground again, it is as it is marked until somebody measures it.
  const found = inForce(ofThisThing(calibrations, moment), 'size', moment)?.found;
  return found && { value: found.value, U: found.U };
}

/** Bars that stick out within this share of each other spring alike. */
const ALIKE = 0.1;

/** The spring that was kept of a bar sticking out about so far, in the same material, since it was last ground; undefined where none was. */
export function springOf(
  calibrations: readonly Calibration[],
  { stickOut, material }: { stickOut: number; material: string },
): Extract<CalibrationFound, { what: 'spring' }> | undefined {
  return ofThisThing(calibrations, undefined)
    .map(({ found }) => found)
    .findLast(
      (found): found is Extract<CalibrationFound, { what: 'spring' }> =>
        found.what === 'spring' &&
        // What nobody named is not the same material.
        material !== '' &&
        found.material === material &&
        Math.abs(found.stickOut - stickOut) <= ALIKE * stickOut,
    );
}

/** What the scale of an axis reads over at the blocks it was held against, in force at a moment. mm. */
export const scaleErrorsOf = (
  calibrations: readonly Calibration[],
  moment?: string,
): readonly ScaleError[] | undefined => inForce(ofThisThing(calibrations, moment), 'errors', moment)?.found.errors;

/** Lost motion in force at a moment, with the moment it was found. */
export function backlashOf(calibrations: readonly Calibration[], moment?: string): Backlash | undefined {
  const found = inForce(ofThisThing(calibrations, moment), 'backlash', moment);
  return found && { ...found.found, from: found.from };
}
