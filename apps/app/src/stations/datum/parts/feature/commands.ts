import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { nominalOf } from '@zero-point/core/datum/feature';
import type { Feature } from '@zero-point/core/records/setup/datumPlan';
import type { TypedAs } from '@zero-point/core/messages/datum/controlResult';
import type { FormView } from '@zero-point/core/messages/datum/formView';
import { logDial, logReadBack, logTouch, logZeroing, readLength } from '../../../../commands/logTouch';
import { typedTextOf, type TypedOrCaptured } from '../../../../commands/typedEntry';
import { feelerBeside, type MethodView } from '../method/methodView';
import type { Slot } from './touchSlots';

/** Logs what was read at a slot; says what is wrong instead. */
export function logSlot(
  book: SetupState,
  slot: Slot | undefined,
  method: MethodView | undefined,
  { said, across, as }: { said: TypedOrCaptured; across: string; as: TypedAs },
): string | undefined {
  if (!slot || !method) return 'Choose a finder first, under “with”.';
  if (method.missing) return method.missing;
  const { cutter, gauge } = method;
  const { subject } = slot;
  if (subject.kind === 'sweep') return logDial(book, { subject, gaugeId: gauge.id, ticked: [] }, typedTextOf(said));
  const cycled = cycledFeature(subject);
  const place = cycled
    ? (nominalOf(book.part, book.setup.partZero, cycled, book.datumPlan.known)[slot.axis === 'y' ? 'y' : 'x'] ?? 0)
    : 0;
  const wrong = logTouch(
    book,
    {
      subject,
      axis: slot.axis,
      approach: slot.approach,
      gaugeId: gauge.id,
      feeler: feelerBeside(book, gauge),
      ...(cutter && { tool: cutter.number }),
      ticked: [],
    },
    said,
    slot.across ? across : undefined,
    as === 'scale' ? undefined : as === 'zero' ? { place } : {},
  );
  if (wrong === undefined && as === 'zero' && cycled) {
    // Its cycle has set the offset, and what was typed is what it shows.
    const shown = readLength(book, slot.axis, said);
    if (shown.ok) logReadBack(book, logZeroing(book, cycled, slot.axis, 'work-offset', shown.mm), said);
  }
  return wrong;
}

/** What a cycle of the control sets zero from: a face, or a bore or boss by its centre. */
function cycledFeature(subject: Slot['subject']): Extract<Feature, { kind: 'face' | 'round' }> | undefined {
  if (subject.kind === 'face') return subject;
  return subject.kind === 'standing' ? { kind: 'round', of: subject.of } : undefined;
}

/** Logs that zero was set by one of the answer's forms, along each axis that the feature tells. */
export function logZeroSet(book: SetupState, feature: Feature, { form, value, values }: FormView): void {
  if (form === 'offset') return;
  const tells = nominalOf(book.part, book.setup.partZero, feature, book.datumPlan.known);
  for (const axis of ['x', 'y'] as const) {
    if (tells[axis] === undefined) continue;
    logZeroing(book, feature, axis, form, values?.[axis] ?? value);
  }
}
