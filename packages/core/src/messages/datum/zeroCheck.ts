import type { Book } from '../../state/basis/setupState';
import type { OverZero } from '../../state/datum/zeroCheck';
import type { LengthUnit } from '../../units/unit';
import { byRule } from '../basis/ruleReading';
import { proveWords } from '../holes/proveList';

/** Where the spindle must stand at part zero, as it goes after "stands": what an eye and a rule can see. */
export function zeroPlaceWords(
  { part, setup }: Pick<Book, 'part' | 'setup'>,
  { from }: Pick<OverZero, 'from'>,
): string {
  if (setup.partZero !== 'centre') return `over the ${setup.partZero.replace('-', ' ')} corner`;
  return from
    ? `over the middle of the ${part.bar === undefined ? 'part' : 'bar'}: by a rule ${proveWords({ part, setup }, { x: 0, y: 0 })}`
    : 'over the middle of the part';
}

/** What to do to look, in a sentence. */
export const lookWords = (book: Pick<Book, 'part' | 'setup'>, look: OverZero): string =>
  `Raise the tool, go to X 0 and Y 0, and stop the spindle. Check: is it ${zeroPlaceWords(book, look)}.`;

/** What a look that found it elsewhere may come from, by how far off it stands, and what to do. */
export function elsewhereWords({ radius }: OverZero, unit: LengthUnit): string {
  const half = Math.max(radius.x, radius.y);
  const by =
    half === 0
      ? ''
      : ` Off by about ${byRule(half, unit)}: half the finder was left out, or the whole used. By ${byRule(2 * half, unit)}: half the finder with the wrong sign.`;
  return `Not over zero.${by} Touch that face again.`;
}
