import type { FormView } from '@zero-point/core/messages/datum/formView';
import type { TypedAs } from '@zero-point/core/messages/datum/controlResult';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { topAboveZero } from '@zero-point/core/state/zAndTools/zZeroHeight';
import { logReadBack, logTouch, logZeroing, readLength } from '../../commands/logTouch';
import type { TypedOrCaptured } from '../../commands/typedEntry';
import type { HeightsView } from './view';

/**
 * Logs what Z shows while the tool in hand touches; says what is wrong instead.
 *
 * @param ticked cautions that were ticked for it
 * @param as what was typed: the scale's figure, or what the control's own cycle found or set
 */
export function logToolTouch(
  book: SetupState,
  { subject, approach }: Pick<HeightsView, 'subject' | 'approach'>,
  said: TypedOrCaptured,
  ticked: string[],
  as: TypedAs = 'scale',
): string | undefined {
  const touch = { subject, axis: 'z' as const, approach, gaugeId: book.setup.heightGaugeId, feeler: 0, ticked };
  if (as === 'scale') return logTouch(book, touch, said);
  // Where part zero is in Z, and the surface above it that was touched.
  const place = (book.datumPlan.heights?.surface ?? 0) + (topAboveZero(book) ?? 0);
  const wrong = logTouch(book, touch, said, undefined, as === 'zero' ? { place } : {});
  const shown = readLength(book, 'z', said);
  if (wrong === undefined && as === 'zero' && shown.ok)
    logReadBack(book, logZeroing(book, subject, 'z', 'work-offset', shown.mm), said);
  return wrong;
}

/** Logs that Z was set by one of the answer's forms; an offset in the tool table sets no zero. */
export function logZForm(
  book: SetupState,
  { subject }: Pick<HeightsView, 'subject'>,
  { form, value }: Pick<FormView, 'form' | 'value'>,
): void {
  if (form !== 'offset') logZeroing(book, subject, 'z', form, value);
}
