import type { SetupState } from '../../state/basis/setupState';
import type { Help, BestNextReading } from '../../state/verify/bestNextReading';
import { featureName } from '../../datum/feature';
import { plusMinus } from '../basis/verdict';

const actWords = (book: SetupState, help: Help): string => {
  switch (help.what) {
    case 'repeat':
      if (help.axis === 'z') return 'One more touch with the reference tool';
      return help.feature ? `One more touch of the ${featureName(book.part, help.feature)}` : 'One more touch';
    case 'prove':
      return help.feature
        ? `Touching the ${featureName(book.part, help.feature)} again since the machine was homed`
        : 'Touching it again since the machine was homed';
    case 'calibrate': {
      const gauge = book.gauges.find(({ id }) => id === help.gaugeId);
      return `Measuring ${gauge?.name ?? 'the finder'} in Shop`;
    }
    case 'turn':
      return 'Two more touches along the face, far apart,';
  }
};

/** What would help most, in a sentence: how well the worst hole is known, and what one act would make of it. */
export function nextReadingText(book: SetupState, { hole, U, axis, enough, helps }: BestNextReading): string {
  const unit = book.setup.units;
  const where = axis === 'z' ? 'zero' : hole ? `at hole ${hole.hole} of ${hole.pattern.name}` : 'at part zero';
  const known = `${axis.toUpperCase()} ${where} is known to ${plusMinus(U, unit)}`;
  const [best] = helps;
  if (enough) return `${known}: good enough for this job.`;
  return best ? `${known}. ${actWords(book, best)} would make it ${plusMinus(best.U, unit)}.` : `${known}.`;
}
