import type { Pattern } from '../../records/setup/pattern';
import type { SetupState } from '../../state/basis/setupState';
import { zeroOf } from '../../datum/partFrame';
import type { Hole } from '../../state/holes/holes';
import { ruleReading } from '../basis/ruleReading';

/** A thing to try before drilling, by the name its tick has in the log. */
export interface Proof {
  id: string;
  text: string;
}

/** So many holes have a line each; of more, the first and the last, and the drive tells every other. */
const EACH = 24;

/** Where a hole is by a rule, from the faces a hand can hold it against: a tenth is all that can be read. */
export function proveWords(
  { part, setup }: Pick<SetupState, 'part' | 'setup'>,
  { x, y }: Pick<Hole, 'x' | 'y'>,
): string {
  const zero = zeroOf(part, setup.partZero);
  return `${ruleReading(zero.x + x, setup.units)} from the left face and ${ruleReading(zero.y + y, setup.units)} from the front`;
}

/** What proves a pattern with a rule and a spot before metal is gone: every hole, each with what it must come to. */
export function proveList(book: SetupState, pattern: Pattern, holes: readonly Hole[]): Proof[] {
  const [first] = holes;
  if (!first) return [];
  const last = holes[holes.length - 1] ?? first;
  const shown = holes.length <= EACH ? holes : [first, last];
  const name = (what: string) => `prove-${pattern.id.slice(-40)}-${what}`;
  return [
    ...shown.map((hole) => ({
      id: name(`hole-${hole.hole}`),
      text: `Spindle stopped over hole ${hole.hole}: a rule shows ${proveWords(book, hole)}.`,
    })),
    {
      id: name('marks'),
      text: `Mark or spot every place first, and count ${holes.length} ${holes.length === 1 ? 'mark' : 'marks'}.`,
    },
    { id: name('zero'), text: 'Touch the first face again: the scale must show what it showed when it was set.' },
  ];
}
