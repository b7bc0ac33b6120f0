import { POSITION_CAUTIONS, type Caution } from '../cautions/caution';
import { hasController } from '../record/machine';
import type { Book } from './book';
import type { Stop } from './driveList';

/** So thin, mm, a part bends up on a drill as it breaks through. */
const THIN = 4;

const has = (material: string, ...words: readonly string[]): boolean =>
  words.some((word) => material.toLowerCase().includes(word));

/** What to mind at a stop, of what can happen there: with this machine, this part and this step. */
export function driveCautions(
  { machine, part }: Pick<Book, 'machine' | 'part'>,
  { step }: Pick<Stop, 'step'>,
): Caution[] {
  const thickness = part.untold?.includes('z') ? undefined : part.size.z;
  const climbs =
    has(part.material, 'plastic', 'acetal', 'nylon', 'acrylic') ||
    (has(part.material, 'brass', 'bronze') && thickness !== undefined && thickness <= THIN);
  return [
    POSITION_CAUTIONS.raiseFirst,
    ...(hasController(machine) ? [] : [POSITION_CAUTIONS.locks]),
    ...(step === 'drill' && climbs ? [POSITION_CAUTIONS.grabs] : []),
    ...(machine.kind === 'router' && has(part.material, 'wood', 'walnut', 'oak', 'ply', 'mdf')
      ? [POSITION_CAUTIONS.woodDust]
      : []),
  ];
}
