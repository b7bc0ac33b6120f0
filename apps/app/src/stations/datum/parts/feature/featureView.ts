import { GAUGE_FACTS } from '@zero-point/core/metrology/gauges/gaugeKinds';
import { askWords } from '@zero-point/core/messages/basis/grammar';
import type { Feature } from '@zero-point/core/records/setup/datumPlan';
import type { Reading } from '@zero-point/core/records/log/reading';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { featureKey, featureName } from '@zero-point/core/datum/feature';
import { shiftOf } from '@zero-point/core/state/datum/zeroDoubt';
import { faceShiftWords } from '@zero-point/core/messages/datum/zeroDoubt';
import { featureState, type FeatureAnswer } from '@zero-point/core/state/datum/featureAnswer';
import { isOnThisScale, scaleOf } from '@zero-point/core/state/basis/activeRecords';
import { middleAnswer } from '@zero-point/core/state/datum/middle';
import { roundWay } from '@zero-point/core/state/datum/round';
import { hasController } from '@zero-point/core/records/shop/machine';
import type { ProblemInfo } from '@zero-point/core/problem/problem';
import { formatLength, formatLengthUnit } from '@zero-point/core/units/formatLength';
import type { FormView } from '@zero-point/core/messages/datum/formView';
import { TYPED_AS, type TypedAs } from '@zero-point/core/messages/datum/controlResult';
import { formsOf } from '@zero-point/core/messages/datum/answerForms';
import { methodView, type MethodView } from '../method/methodView';
import { nextSlot, slotsOf, type Slot } from './touchSlots';
import { loggedReadingsOf } from '../../view';

/** What the Datum screen shows of a feature in hand. */
export interface FeatureView {
  feature: Feature;
  key: string;
  name: string;
  slots: Slot[];
  /** The touch in hand. */
  slot: Slot | undefined;
  sentence: string;
  label: string;
  acrossLabel: string | undefined;
  method: MethodView | undefined;
  answer: FeatureAnswer | undefined;
  /** Enough was touched, but no answer comes of it. */
  problem: ProblemInfo | undefined;
  /** There is an answer, but on a zero of the scale that is no more. */
  stale: boolean;
  forms: FormView[];
  /** Every reading of it, struck ones included. */
  readings: Reading[];
  halving: string | undefined;
  /** How a face came back after the machine was homed or left, where it was touched for that. */
  returned: string | undefined;
  /** What can be typed of a touch, where the machine has a controller. */
  typedAs: readonly TypedAs[];
}

export const SCALE_NAMES = {
  readout: 'DRO, ABS',
  incremental: 'DRO, INC',
  machine: 'machine coordinates',
  dial: 'dial',
  indicator: 'indicator',
} as const;

/** State of one feature to view; `slotId` is the touch chosen by hand, if one was. */
export function featureView(book: SetupState, feature: Feature, slotId: string | undefined): FeatureView {
  // A touch on a zero that is no more is to be taken again.
  const slots = slotsOf(book, feature).map((slot) => ({
    ...slot,
    readings: slot.dial ? slot.readings : slot.readings.filter((reading) => isOnThisScale(book, [reading])),
  }));
  const state = featureState(book, feature);
  const found = state.state === 'found' ? state.answer : undefined;
  const proving = slots.some(({ subject }) => subject.kind === 'return');
  // While the zero is in doubt there is nothing to set by.
  const stands = found && !proving && isOnThisScale(book, found.readings);
  const slot = slots.find(({ id }) => id === slotId) ?? nextSlot(slots) ?? slots.at(0);
  const method = methodView(book, feature, slot);
  const answer = stands ? found : undefined;
  const scale = slot?.dial ? 'the indicator' : scaleWords(book);
  return {
    feature,
    key: featureKey(feature),
    name: featureName(book.part, feature),
    slots,
    slot,
    sentence:
      proving && slot
        ? askWords(slot.ask, { lead: 'Raise the tool, go to zero, and look. Then', again: true })
        : sentenceOf(book, feature, slot, found !== undefined && !stands),
    returned: proving ? undefined : returnedWords(book, feature),
    label: slot ? `${slot.dial ? 'Dial' : slot.axis.toUpperCase()} on ${scale}` : '',
    acrossLabel: slot?.across ? `${slot.axis === 'x' ? 'Y' : 'X'} where it is` : undefined,
    method,
    answer,
    problem: state.state === 'refused' ? state.problem : undefined,
    stale: found !== undefined && !stands && !proving,
    forms: answer ? formsOf(book, answer) : [],
    readings: loggedReadingsOf(
      book,
      slots.map(({ subject }) => subject),
    ),
    halving: feature.kind === 'middle' && answer ? halvingWords(book, feature) : undefined,
    typedAs: typedAsOf(book, feature, slot, method),
  };
}

function returnedWords(book: SetupState, feature: Feature): string | undefined {
  const last = book.interruptions.findLast(({ what }) => what !== 'stands');
  const shift = last && feature.kind === 'face' ? shiftOf(book, last.id, feature) : undefined;
  return shift && faceShiftWords(book, shift);
}

/** "the readout", as it is written on entries; a DRO with two zeros says which. */
function scaleWords(book: SetupState): string {
  const scale = scaleOf(book);
  if (scale === 'readout') return 'the DRO';
  if (scale === 'incremental') return 'the DRO, INC';
  return scale === 'machine' ? 'the control' : `the ${SCALE_NAMES[scale]}`;
}

function sentenceOf(book: SetupState, feature: Feature, slot: Slot | undefined, stale: boolean): string {
  if (!slot) return 'Find both holes first. Do not set X or Y between them.';
  const axis = slot.axis.toUpperCase();
  if (stale && feature.kind === 'face')
    return askWords(slot.ask, { lead: `${axis} was set since. To check it,`, again: true });
  if (stale) return askWords(slot.ask, { lead: 'The scale was set since it was found. Touch it again:' });
  return askWords(slot.ask, { lead: slot.lead ?? '' }) + through(book, feature, slot) + besideBar(book, slot);
}

/** The side of a bar is touched where it is widest: the contact's edge at its centre line, or its side from below it. */
const besideBar = ({ part }: SetupState, { axis, subject }: Slot): string =>
  part.bar !== undefined && subject.kind === 'face' && subject.of === undefined && axis !== part.bar
    ? ' Lower until the finder’s full diameter reaches the bar’s centre height.'
    : '';

/** The second pair across a bore goes through the middle of the first, so that it is the diameter. */
function through(book: SetupState, feature: Feature, slot: Slot): string {
  if (feature.kind !== 'round' || slot.axis !== 'y' || roundWay(book, feature.of) !== 'pairs') return '';
  const state = featureState(book, feature);
  const x = state.state === 'found' ? state.answer.x : undefined;
  return x && slot.readings.length === 0
    ? ` First move X to its centre, ${formatLengthUnit(x.found, { unit: book.setup.units })}.`
    : '';
}

function halvingWords(book: SetupState, { axis, of }: Extract<Feature, { kind: 'middle' }>): string | undefined {
  const found = middleAnswer(book, axis, of);
  if (!found) return undefined;
  const name = axis.toUpperCase();
  const near = axis === 'x' ? 'left' : 'front';
  const half = formatLength(found.result.halfway, { unit: book.setup.units, plus: true });
  return `By halving: zero ${name} at the ${near} touch, and the middle reads ${half} ${book.setup.units}. The finder’s radius cancels.`;
}

/** A control may have done it by itself: only one with cycles, and with something that trips it. */
function typedAsOf(
  book: SetupState,
  feature: Feature,
  slot: Slot | undefined,
  method: MethodView | undefined,
): readonly TypedAs[] {
  // A centre from the control's cycle is nothing that any scale shows.
  if (slot?.subject.kind === 'standing' && feature.kind === 'round' && roundWay(book, feature.of) === 'cycle')
    return ['result', 'zero'];
  const controller = hasController(book.machine);
  const trips = method && GAUGE_FACTS[method.gauge.kind].tripsCycle;
  if (!controller || !trips || !slot || slot.dial || slot.subject.kind !== 'face') return ['scale'];
  // A cycle that sets a corner's zero shows each axis by itself; one of a middle is no face's own.
  const each = feature.kind === 'face' || (feature.kind === 'corner' && !slot.across);
  return each ? TYPED_AS : ['scale', 'result'];
}
