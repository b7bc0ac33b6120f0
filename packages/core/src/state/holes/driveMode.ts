import type { CutPlan } from '../../records/setup/cutPlan';
import type { SetupState } from '../basis/setupState';

export type MoveMode = NonNullable<CutPlan['mode']>;

/** How this machine is told where to go, until the person says otherwise. */
export function moveMode({ cutPlan, machine }: Pick<SetupState, 'cutPlan' | 'machine'>): MoveMode {
  if (cutPlan.mode) return cutPlan.mode;
  if (machine.scale === 'dial') return 'dials';
  return machine.scale === 'machine' ? 'cnc' : 'readout';
}
