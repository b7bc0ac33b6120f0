import type { Book } from '../book/book';
import type { OverZero } from '../book/overZero';
import { formatLength, formatLengthUnit } from '../units/formatLength';

/** Where the spindle must stand at part zero, as it goes after "stands": what an eye and a rule can see. */
export function zeroPlaceWords(
  { part, setup }: Pick<Book, 'part' | 'setup'>,
  { from }: Pick<OverZero, 'from'>,
): string {
  if (setup.partZero !== 'centre') return `over the ${setup.partZero.replace('-', ' ')} corner`;
  const unit = setup.units;
  const rule = (mm: number) => `${formatLength(mm, { unit, decimals: unit === 'mm' ? 1 : 2 })} ${unit}`;
  return from
    ? `over the middle of the ${part.bar === undefined ? 'part' : 'bar'}: by a rule ${rule(from.x)} from the left face and ${rule(from.y)} from the front`
    : 'over the middle of the part';
}

/** What to do to look, in a sentence. */
export const lookWords = (book: Pick<Book, 'part' | 'setup'>, look: OverZero): string =>
  `Raise Z, drive to X 0 and Y 0, stop the spindle and look: it stands ${zeroPlaceWords(book, look)}.`;

/** What a look that found it elsewhere may come from, by how far off it stands, and what to do. */
export function elsewhereWords({ radius }: OverZero, unit: Book['setup']['units']): string {
  const size = (mm: number) => formatLengthUnit(mm, { unit });
  const half = Math.max(radius.x, radius.y);
  const by =
    half === 0
      ? ''
      : ` Off by about ${size(half)}: half of what touched was left out, or the whole of it taken. By ${size(2 * half)}: half taken the wrong way.`;
  return `It stands elsewhere.${by} Touch that face again.`;
}
