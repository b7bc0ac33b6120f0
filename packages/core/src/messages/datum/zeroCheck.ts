import type { SetupState } from '../../state/basis/setupState';
import type { ZeroCheckState } from '../../state/datum/zeroCheck';
import type { LengthUnit } from '../../units/unit';
import { ruleReading } from '../basis/ruleReading';
import { proveWords } from '../holes/proveList';

/** Where the spindle must stand at part zero, as it goes after "stands": what an eye and a rule can see. */
export function zeroCheckWords(
  { part, setup }: Pick<SetupState, 'part' | 'setup'>,
  { from }: Pick<ZeroCheckState, 'from'>,
): string {
  if (setup.partZero !== 'centre') return `over the ${setup.partZero.replace('-', ' ')} corner`;
  return from
    ? `over the middle of the ${part.bar === undefined ? 'part' : 'bar'}: by a rule ${proveWords({ part, setup }, { x: 0, y: 0 })}`
    : 'over the middle of the part';
}

/** What to do to look, in a sentence. */
export const lookWords = (book: Pick<SetupState, 'part' | 'setup'>, look: ZeroCheckState): string =>
  `Raise the tool, go to X 0 and Y 0, and stop the spindle. Check: is it ${zeroCheckWords(book, look)}.`;

/** What a look that found it elsewhere may come from, by how far off it stands, and what to do. */
export function elsewhereWords({ radius }: ZeroCheckState, unit: LengthUnit): string {
  const half = Math.max(radius.x, radius.y);
  const by =
    half === 0
      ? ''
      : ` Off by about ${ruleReading(half, unit)}: half the finder was left out, or the whole used. By ${ruleReading(2 * half, unit)}: half the finder with the wrong sign.`;
  return `Not over zero.${by} Touch that face again.`;
}
