import type { Calibration, CentreWay } from '../../records/shop/calibration';
import type { RotaryAxis } from '../../records/shop/machine';

/** A centre of rotation as it was found: its two coordinates across the axis, mm, U of each, how, and when. */
export interface KnownCentre {
  at: readonly [number, number];
  U: readonly [number, number];
  by: CentreWay;
  from: string;
}

/** A rotary axis with what was found of it. */
export interface KnownRotary extends RotaryAxis {
  /** Which way it counts, as a trial turn showed it; its `sense` is only what was said of it. */
  confirmed?: 1 | -1;
  confirmedAt?: string;
  /** The centre in force. */
  centre?: KnownCentre;
  /** The latest of each way of finding it, to be held against each other. */
  centres?: readonly KnownCentre[];
}

/** A rotary axis as its calibrations have it at a moment, of those given in the order they were made. */
export function rotaryKnownBy(axis: RotaryAxis, calibrations: readonly Calibration[], moment?: string): KnownRotary {
  const counted = calibrations.filter(({ from }) => moment === undefined || from <= moment);
  // What was found before a crash or a repair may be of a table that stands elsewhere now; the way it counts stays.
  const voided = counted.findLastIndex(({ found }) => found.what === 'void');
  const sense = counted.findLast(({ found }) => found.what === 'sense');
  const centres = counted
    .slice(voided + 1)
    .flatMap(({ found, from }): KnownCentre[] => (found.what === 'centre' ? [{ ...found, from }] : []));
  const latest = centres.filter(({ by }, i) => !centres.slice(i + 1).some((later) => later.by === by));
  const centre = centres.at(-1);
  return {
    ...axis,
    ...(sense?.found.what === 'sense' && { confirmed: sense.found.value, confirmedAt: sense.from }),
    ...(centre && { centre }),
    centres: latest,
  };
}
