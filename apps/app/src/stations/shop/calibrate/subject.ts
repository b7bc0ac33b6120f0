import { calibratedKey, type KnownMachine } from '@zero-point/core/state/basis/setupState';
import type { Calibration } from '@zero-point/core/records/shop/calibration';
import type { RotaryLetter } from '@zero-point/core/rotary/turn';
import { calibratedOf, type RoutineSubject } from '@zero-point/core/routines/routine';
import type { Shop } from '../../../api/queries';
import type { ShopThing } from '../view';

export const isRotaryName = (axis: unknown): axis is RotaryLetter => axis === 'A' || axis === 'B' || axis === 'C';

/** A rotary axis of a machine, as it is known. */
export const rotarySubject = (machine: KnownMachine, axis: RotaryLetter): RoutineSubject => ({
  kind: 'rotary',
  machine,
  axis,
  sense: machine.rotary?.find(({ name }) => name === axis)?.confirmed,
});

/** What a page of the shop is about, as a routine takes it; undefined for what is not measured. */
export function subjectOf({ collection, thing }: ShopThing, axis: unknown): RoutineSubject | undefined {
  switch (collection) {
    case 'gauges':
      return { kind: 'gauge', gauge: thing };
    case 'cutters':
      return { kind: 'cutter', cutter: thing };
    case 'machines':
      if (isRotaryName(axis)) return rotarySubject(thing, axis);
      return axis === 'x' || axis === 'y' || axis === 'z'
        ? { kind: 'axis', machine: thing, axis }
        : { kind: 'spot', machine: thing };
    case 'holdings':
      return undefined;
  }
}

/** What is qualified, by name. */
export function subjectName(subject: RoutineSubject): string {
  switch (subject.kind) {
    case 'gauge':
      return subject.gauge.name;
    case 'cutter':
      return subject.cutter.name;
    case 'axis':
    case 'rotary':
      return `${subject.axis.toUpperCase()} of ${subject.machine.name}`;
    case 'spot':
      return subject.machine.name;
  }
}

/** Calibration results so far, in the order it was found. */
export function calibrationsOf(subject: RoutineSubject, shop: Pick<Shop, 'calibrations'>): Calibration[] {
  const of = calibratedOf(subject);
  const key = calibratedKey(of);
  return shop.calibrations
    .filter((one) => one.of.kind === of.kind && calibratedKey(one.of) === key)
    .sort((a, b) => a.at.localeCompare(b.at));
}
