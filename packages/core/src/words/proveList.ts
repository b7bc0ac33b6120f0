import type { Pattern } from '../record/pattern';
import type { Book } from '../book/book';
import { zeroOf } from '../datum/partFrame';
import type { Hole } from '../book/holes';
import { formatLength } from '../units/formatLength';

/** A thing to try before drilling, by the name its tick has in the ledger. */
export interface Proof {
  id: string;
  text: string;
}

/** What proves a pattern with a rule and a spot before metal is gone: few things, each with what it must come to. */
export function proveList(book: Book, pattern: Pattern, holes: readonly Hole[]): Proof[] {
  const [first] = holes;
  if (!first) return [];
  const { part, setup } = book;
  const zero = zeroOf(part, setup.partZero);
  const last = holes[holes.length - 1] ?? first;
  // By a rule: a tenth is all that can be read.
  const rule = (mm: number) =>
    `${formatLength(mm, { unit: setup.units, decimals: setup.units === 'mm' ? 1 : 2 })} ${setup.units}`;
  const fromFaces = ({ x, y }: Hole) => `${rule(zero.x + x)} from the left face and ${rule(zero.y + y)} from the front`;
  const texts = [
    `Spindle stopped over hole ${first.hole}: a rule shows ${fromFaces(first)}.`,
    ...(holes.length > 1 ? [`Spindle stopped over hole ${last.hole}: a rule shows ${fromFaces(last)}.`] : []),
    `Mark or spot every place first, and count ${holes.length} ${holes.length === 1 ? 'mark' : 'marks'}.`,
    'Drive back to part zero: the scale must come to zero again.',
  ];
  return texts.map((text, i) => ({ id: `prove-${pattern.id.slice(-40)}-${i}`, text }));
}
