import { isPlug } from '@zero-point/core/messages/alignment/place';
import { FACE_TOUCH } from '@zero-point/core/datum/partFrame';
import { logDial, logTouch } from '../../commands/logTouch';
import { typedTextOf, type TypedOrCaptured } from '../../commands/typedEntry';
import { plugAxis, type AlignmentView } from './view';
import type { Alignment } from '@zero-point/core/records/setup/alignment.schema';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { saveInSetup } from '../../commands/logEntry';

/** Keeps how a task is read. */
export const saveAlignment = (book: SetupState, alignment: Alignment): void =>
  saveInSetup(book, 'alignment', alignment);

/**
 * Logs what was read at the place in hand; says what is wrong instead.
 *
 * @param ticked cautions that were ticked for it
 */
export function logPlace(
  book: SetupState,
  { alignment, place, passNumber: pass }: Pick<AlignmentView, 'alignment' | 'place' | 'passNumber'>,
  said: TypedOrCaptured,
  ticked: readonly string[],
): string | undefined {
  if (place === undefined) return 'Everything is read.';
  if (alignment.task === 'skew') {
    const subject = { kind: 'alignment' as const, task: alignment.task, place, pass };
    const { axis, approach } = FACE_TOUCH[alignment.face];
    const { finderId, feeler } = book.setup;
    return logTouch(book, { subject, axis, approach, gaugeId: finderId, feeler, ticked: [...ticked] }, said);
  }
  if (isPlug(alignment)) {
    const axis = plugAxis(place);
    const gaugeId = alignment.plugId ?? alignment.indicatorId;
    const subject = { kind: 'alignment' as const, task: alignment.task, place, pass };
    return logTouch(book, { subject, axis, approach: 1, gaugeId, feeler: 0, ticked: [...ticked] }, said);
  }
  const subject = { kind: 'alignment' as const, task: alignment.task, place, pass };
  return logDial(book, { subject, gaugeId: alignment.indicatorId, ticked: [...ticked] }, typedTextOf(said));
}
