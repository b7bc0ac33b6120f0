import { topAboveZero } from '../../state/zAndTools/zZeroHeight';
import type { SetupState } from '../../state/basis/setupState';
import { formatLengthUnit } from '../../units/formatLength';

/** Where Z zero is, as it goes after "is" and "on": "the part's top", "the part’s underside". */
export function zZeroName({ datumPlan }: Pick<SetupState, 'datumPlan'>): string {
  const zero = datumPlan.heights?.zero;
  if (!zero || zero.at === 'top') return 'the part’s top';
  return zero.at === 'named' ? zero.name : 'the part’s underside';
}

/** Where Z zero is, with how far below the part's top; nothing where it is the top. */
export function zZeroWords(book: Pick<SetupState, 'datumPlan' | 'part' | 'setup'>): string | undefined {
  const top = topAboveZero(book);
  if (top === 0) return undefined;
  const name = zZeroName(book);
  if (top === undefined) return `Z zero is ${name}; the part’s thickness is not entered yet.`;
  const far = formatLengthUnit(Math.abs(top), { unit: book.setup.units });
  return `Z zero is ${name}, ${far} ${top > 0 ? 'below' : 'above'} the part’s top.`;
}
