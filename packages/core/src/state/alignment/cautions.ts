import { ALIGNMENT_CAUTIONS, EDGE_CAUTIONS, type Caution } from '../../cautions/caution';
import { METHOD_FACTS, methodOf } from '../../methods/method';
import type { Alignment } from '../../records/setup/alignment';
import type { SetupState } from '../basis/setupState';
import type { AlignmentAnswer } from './taskAnswer';

/** What to mind before the first reading of a pass: an edge finder turns, an indicator and a plug must not. */
export function cautionsBefore(book: SetupState, alignment: Alignment): readonly Caution[] {
  if (alignment.task === 'head') return [ALIGNMENT_CAUTIONS.headHeavy, ALIGNMENT_CAUTIONS.spindleStopped];
  if (alignment.task === 'chuck' && alignment.standing !== true)
    return [ALIGNMENT_CAUTIONS.beforeTurning, ALIGNMENT_CAUTIONS.spindleStopped];
  if (alignment.task === 'skew') {
    const finder = book.gauges.find(({ id }) => id === book.setup.finderId);
    const method = finder && methodOf(finder.kind);
    return method ? METHOD_FACTS[method].cautions : [EDGE_CAUTIONS.raiseFirst];
  }
  if (alignment.task === 'centre' && alignment.school === 'plug') return METHOD_FACTS.plug.cautions;
  return [ALIGNMENT_CAUTIONS.spindleStopped];
}

/** What to mind while that is moved which is not in line yet: nothing that was said before it was read. */
export function cautionsOfMoving(book: SetupState, alignment: Alignment, answer: AlignmentAnswer): readonly Caution[] {
  const before = cautionsBefore(book, alignment).map(({ id }) => id);
  return answer.cautions.filter(({ id }) => !before.includes(id));
}
