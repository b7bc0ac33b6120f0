import type { SetupState } from '../../state/basis/setupState';
import type { OverwrittenZero } from '../../state/datum/overwrittenZero';
import { featureName } from '../../datum/feature';
import type { Zeroing } from '../../records/log/zeroing';
import { formatLength } from '../../units/formatLength';

const FEATURES = ['face', 'corner', 'middle', 'round', 'hole-line'] as const;

/** What an axis was set by, as it goes after "set by". */
function setBy({ part }: Pick<SetupState, 'part'>, subject: Zeroing['subject']): string {
  const kind = FEATURES.find((one) => 'kind' in subject && subject.kind === one);
  return kind === undefined ? 'part zero' : `the ${featureName(part, subject as Parameters<typeof featureName>[1])}`;
}

/** What is lost where the first zero is overwritten, and what to do instead. */
export function overwriteWords(
  book: Pick<SetupState, 'part' | 'setup'>,
  name: string,
  { by, at }: OverwrittenZero,
): { lost: string; instead: string } {
  const axes = (['x', 'y'] as const).filter((axis) => by[axis] !== undefined);
  const set = axes.map((axis) => `${axis.toUpperCase()} was set by ${setBy(book, by[axis] as Zeroing['subject'])}`);
  const { units: unit } = book.setup;
  const figure = (mm: number) => formatLength(mm, { unit, plus: true });
  return {
    lost: `${set.join(', ')}. Setting ${axes.map((axis) => axis.toUpperCase()).join(' and ')} at the ${name} loses that zero. Every hole and check is measured from it.`,
    instead: `As a second zero the ${name} is saved at X ${figure(at.x)}, Y ${figure(at.y)} ${unit} from part zero. Use the INC scale or another work offset there.`,
  };
}
