import { POSITION_CAUTIONS, type Caution } from '../../cautions/caution';
import { hasController } from '../../records/shop/machine';
import type { SetupState } from '../basis/setupState';
import type { Stop } from './driveStops';

const has = (material: string, ...words: readonly string[]): boolean =>
  words.some((word) => material.toLowerCase().includes(word));

/** What to mind at a stop, of what can happen there: with this machine, this part and this step. */
export function driveCautions(
  { machine, part }: Pick<SetupState, 'machine' | 'part'>,
  { step }: Pick<Stop, 'step'>,
): Caution[] {
  return [
    POSITION_CAUTIONS.raiseFirst,
    ...(hasController(machine) ? [] : [POSITION_CAUTIONS.locks]),
    ...(step === 'drill' ? [POSITION_CAUTIONS.grabs] : []),
    ...(machine.kind === 'router' && has(part.material, 'wood', 'walnut', 'oak', 'ply', 'mdf')
      ? [POSITION_CAUTIONS.woodDust]
      : []),
  ];
}
