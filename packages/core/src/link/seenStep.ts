import type { Axis } from '../schema/quantities';
import type { Figures } from './figures';

/** Of each axis the step that was told, and what its figures were seen to be, in the device's unit. */
export type StepsSeen = Partial<Record<Axis, { told: number; finer: number | undefined; figures: readonly number[] }>>;

/** So many figures, all different, before their step is believed to be coarser than was told. */
const ENOUGH = 16;

/** A figure this near to a whole step is on it, in steps: what float64 leaves. */
const ON = 1e-4;

/** Steps a display may truly have, as multiples of the one it tells. */
const COARSER = [20, 10, 5, 4, 2] as const;
const FINER = [2, 5, 10, 20, 50, 100] as const;

const isOn = (value: number, step: number): boolean => Math.abs(value / step - Math.round(value / step)) < ON;

/** The steps with one more position. Nothing is learned of an axis whose step is not known. */
export function withFigures(seen: StepsSeen, at: Figures, told: Figures | undefined): StepsSeen {
  if (!told) return seen;
  const next = { ...seen };
  for (const axis of ['x', 'y', 'z'] as const) {
    const [value, step] = [at[axis], told[axis]];
    if (value === undefined || step === undefined) continue;
    const before = seen[axis] ?? { told: step, finer: undefined, figures: [] };
    const { figures } = before;
    const finer = isOn(value, step) ? before.finer : (FINER.find((one) => isOn(value, step / one)) ?? FINER[5]);
    const known = figures.length >= ENOUGH || figures.includes(value);
    next[axis] = {
      told: step,
      finer: finer === undefined ? before.finer : Math.max(finer, before.finer ?? 1),
      // A coarser step is given up at the first figure that is not on it.
      figures: known && isOnAll(figures, value, step) ? figures : [...figures, value].slice(-ENOUGH),
    };
  }
  return next;
}

/** Whether one more figure leaves what is believed of the step as it is. */
const isOnAll = (figures: readonly number[], value: number, step: number): boolean =>
  COARSER.every((times) => !figures.every((one) => isOn(one, step * times)) || isOn(value, step * times));

/** Axes whose figures do not come in the step that was told: the step told, and the one seen, in the device's unit. */
export function seenStep(seen: StepsSeen): { axis: Axis; told: number; seen: number }[] {
  return (['x', 'y', 'z'] as const).flatMap((axis) => {
    const one = seen[axis];
    if (!one) return [];
    if (one.finer !== undefined) return [{ axis, told: one.told, seen: one.told / one.finer }];
    const coarser =
      one.figures.length >= ENOUGH &&
      COARSER.find((times) => one.figures.every((value) => isOn(value, one.told * times)));
    return coarser ? [{ axis, told: one.told, seen: one.told * coarser }] : [];
  });
}
