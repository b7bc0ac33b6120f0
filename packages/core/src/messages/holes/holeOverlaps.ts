import type { SetupState } from '../../state/basis/setupState';
import { clearAtTwice, holeOverlaps } from '../../state/holes/holeOverlaps';
import type { Pattern } from '../../records/setup/pattern';
import { formatLengthUnit } from '../../units/formatLength';

/** What of a pattern runs into what is drawn on the part, in a sentence, with the likely slip; undefined where nothing does. */
export function holeOverlapText(book: SetupState, pattern: Pattern): string | undefined {
  const found = holeOverlaps(book, pattern);
  const [first] = found;
  if (!first) return undefined;
  const by = Math.max(...found.map((one) => one.by));
  const size = (mm: number) => formatLengthUnit(mm, { unit: book.setup.units });
  const others = found.length > 1 ? ` and ${found.length - 1} more` : '';
  const slip = clearAtTwice(book, pattern) ? ' Was the circle’s radius typed as its diameter?' : '';
  return `Hole ${first.hole.hole}${others} of ${pattern.name} would run ${size(by)} into a drawn hole of ${size(first.drawn)}.${slip}`;
}
