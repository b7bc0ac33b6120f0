import type { Axis } from '../../schema/quantities';
import { DEFAULT_DECIMALS, millimetresPer } from '../../units/unit';
import type { SetupState } from './setupState';

/** Whether a difference is no more than half a step of what the axis shows, or of the figures typed. mm. */
export function withinHalfStep(
  { machine, setup }: Pick<SetupState, 'machine' | 'setup'>,
  axis: Axis,
  difference: number,
): boolean {
  const figure = millimetresPer(setup.units) / 10 ** DEFAULT_DECIMALS[setup.units];
  return Math.abs(difference) <= Math.max(machine.axes[axis].step, figure) / 2 + 1e-6;
}
