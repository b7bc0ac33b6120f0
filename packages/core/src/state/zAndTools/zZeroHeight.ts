import type { SetupState } from '../basis/setupState';

/**
 * How high the part's top stands above Z zero, mm: nothing where the top is zero; its thickness where the part’s underside is
 * (spoil board, table, vise floor, parallels); as told for another named height.
 *
 * @returns undefined where it is on zero and nobody told how thick it is
 */
export function topAboveZero({ datumPlan, part }: Pick<SetupState, 'datumPlan' | 'part'>): number | undefined {
  const zero = datumPlan.heights?.zero;
  if (!zero || zero.at === 'top') return 0;
  if (zero.at === 'named') return zero.above;
  return part.untold?.includes('z') ? undefined : part.size.z;
}
