import type { CutPlan } from '../../records/setup/cutPlan';
import type { Book } from '../basis/setupState';

export type DriveMode = NonNullable<CutPlan['mode']>;

/** How this machine is told where to go, until the person says otherwise. */
export function driveMode({ cutPlan, machine }: Pick<Book, 'cutPlan' | 'machine'>): DriveMode {
  if (cutPlan.mode) return cutPlan.mode;
  if (machine.scale === 'dial') return 'dials';
  return machine.scale === 'machine' ? 'cnc' : 'readout';
}
