import { hasController } from '@zero-point/core/record/machine';
import { GAUGE_FACTS } from '@zero-point/core/metrology/gaugeKinds';
import { askWords } from '@zero-point/core/words/sentence';
import type { Feature } from '@zero-point/core/record/datumPlan';
import type { Reading } from '@zero-point/core/record/reading';
import type { Book } from '@zero-point/core/book/book';
import type { KnownGauge } from '@zero-point/core/book/known';
import type { Tool } from '@zero-point/core/record/cutter';
import type { Caution } from '@zero-point/core/cautions/caution';
import { featureKey, featureName, nominalOf, roundOf } from '@zero-point/core/datum/feature';
import { shiftOf } from '@zero-point/core/book/comingBack';
import { shiftWords } from '@zero-point/core/words/comingBack';
import { featureState, type FeatureAnswer } from '@zero-point/core/book/featureAnswer';
import { contactInUse, needsCutter, ownRepeatability, sizeOf } from '@zero-point/core/book/gaugeUse';
import { onThisScale, scaleOf } from '@zero-point/core/book/inForce';
import { middleAnswer } from '@zero-point/core/book/subjects/middle';
import { roundGauge, roundWay } from '@zero-point/core/book/subjects/round';
import { METHOD_FACTS, methodOf, type MethodFacts } from '@zero-point/core/methods/method';
import type { ProblemInfo } from '@zero-point/core/problem/problem';
import { formatLength, formatLengthUnit } from '@zero-point/core/units/formatLength';
import type { FormView } from '@zero-point/core/words/formView';
import { TYPED_AS, type TypedAs } from '@zero-point/core/words/controlResult';
import { logDial, logReadBack, logTouch, logZeroing, readLength } from '../../../record/log';
import { typedText, type Said } from '../../../record/said';
import { formsOf } from '@zero-point/core/words/answerForms';
import { nextSlot, slotsOf, type Slot } from './slots';
import { ledgerOf } from '../view';

/** What touches, with how it is worked. */
export interface MethodView {
  gauge: KnownGauge;
  facts: MethodFacts;
  /** Cutter in the spindle, where the method has one. */
  cutter: Tool | undefined;
  /** Contact radius along each axis, mm. */
  radius: number;
  words: string;
  cautions: readonly Caution[];
  /** What still has to be chosen before anything can be touched. */
  missing: string | undefined;
}

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
  log: (said: Said, across: string, as?: TypedAs) => string | undefined;
  markSet: (form: FormView) => void;
}

export const SCALE_NAMES = {
  readout: 'readout, ABS',
  incremental: 'readout, INC',
  machine: 'machine coordinates',
  dial: 'dial',
  indicator: 'indicator',
} as const;

/** State of one feature to view; `slotId` is the touch chosen by hand, if one was. */
export function featureView(book: Book, feature: Feature, slotId: string | undefined): FeatureView {
  // A touch on a zero that is no more is to be taken again.
  const slots = slotsOf(book, feature).map((slot) => ({
    ...slot,
    readings: slot.dial ? slot.readings : slot.readings.filter((reading) => onThisScale(book, [reading])),
  }));
  const state = featureState(book, feature);
  const found = state.state === 'found' ? state.answer : undefined;
  const proving = slots.some(({ subject }) => subject.kind === 'return');
  // While the zero is in doubt there is nothing to set by.
  const stands = found && !proving && onThisScale(book, found.readings);
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
        ? askWords(slot.ask, { lead: 'Drive to zero, Z raised, and look. Then', again: true })
        : sentenceOf(book, feature, slot, found !== undefined && !stands),
    returned: proving ? undefined : returnedWords(book, feature),
    label: slot ? `${slot.dial ? 'Dial' : slot.axis.toUpperCase()} on ${scale}` : '',
    acrossLabel: slot?.across ? `${slot.axis === 'x' ? 'Y' : 'X'} where it stands` : undefined,
    method,
    answer,
    problem: state.state === 'refused' ? state.problem : undefined,
    stale: found !== undefined && !stands && !proving,
    forms: answer ? formsOf(book, answer) : [],
    readings: ledgerOf(
      book,
      slots.map(({ subject }) => subject),
    ),
    halving: feature.kind === 'middle' && answer ? halvingWords(book, feature) : undefined,
    typedAs: typedAsOf(book, feature, slot, method),
    log: (said, across, as = 'scale') => logSlot(book, slot, method, { said, across, as }),
    markSet: (form) => markSet(book, feature, form),
  };
}

function returnedWords(book: Book, feature: Feature): string | undefined {
  const last = book.interruptions.findLast(({ what }) => what !== 'stands');
  const shift = last && feature.kind === 'face' ? shiftOf(book, last.id, feature) : undefined;
  return shift && shiftWords(book, shift);
}

/** "the readout", as it is written on entries; a readout with two zeros says which. */
function scaleWords(book: Book): string {
  const scale = scaleOf(book);
  if (scale === 'readout') return 'the readout';
  if (scale === 'incremental') return 'the readout, INC';
  return scale === 'machine' ? 'the controller' : `the ${SCALE_NAMES[scale]}`;
}

function sentenceOf(book: Book, feature: Feature, slot: Slot | undefined, stale: boolean): string {
  if (!slot) return 'Find both holes first, without setting X or Y between them.';
  const axis = slot.axis.toUpperCase();
  if (stale && feature.kind === 'face')
    return askWords(slot.ask, { lead: `${axis} was set since. To check it,`, again: true });
  if (stale) return askWords(slot.ask, { lead: 'The scale was set since it was found. Touch it again:' });
  return askWords(slot.ask, { lead: slot.lead ?? '' }) + through(book, feature, slot) + besideBar(book, slot);
}

/** The side of a bar is touched where it is widest: the contact's edge at its centre line, or its side from below it. */
const besideBar = ({ part }: Book, { axis, subject }: Slot): string =>
  part.bar !== undefined && subject.kind === 'face' && subject.of === undefined && axis !== part.bar
    ? ' With the contact’s side past its centre line, well below the top.'
    : '';

/** The second pair across a bore goes through the middle of the first, so that it is the diameter. */
function through(book: Book, feature: Feature, slot: Slot): string {
  if (feature.kind !== 'round' || slot.axis !== 'y' || roundWay(book, feature.of) !== 'pairs') return '';
  const state = featureState(book, feature);
  const x = state.state === 'found' ? state.answer.x : undefined;
  return x && slot.readings.length === 0
    ? ` First drive X to its middle, ${formatLengthUnit(x.found, { unit: book.setup.units })}.`
    : '';
}

function halvingWords(book: Book, { axis, of }: Extract<Feature, { kind: 'middle' }>): string | undefined {
  const found = middleAnswer(book, axis, of);
  if (!found) return undefined;
  const name = axis.toUpperCase();
  const near = axis === 'x' ? 'left' : 'front';
  const half = formatLength(found.result.halfway, { unit: book.setup.units, plus: true });
  return `By halving: zero ${name} at the ${near} touch, and the middle reads ${half} ${book.setup.units}. The finder’s radius cancels.`;
}

/** The gauge in hand for a touch: an indicator or plug where the way asks for one, else the finder of the plan. */
function gaugeFor(book: Book, feature: Feature, slot: Slot | undefined): KnownGauge | undefined {
  if (feature.kind !== 'round') return book.gauges.find(({ id }) => id === book.setup.finderId);
  const way = roundWay(book, feature.of);
  return roundGauge(book, slot?.dial ? 'sweep' : way);
}

/** Feeler or paper besides what touches, mm: none where a feeler itself is what stands between, or the contact is the centre. */
function feelerBeside({ setup }: Book, { kind }: KnownGauge): number {
  const method = methodOf(kind);
  return kind === 'feeler' || !method || METHOD_FACTS[method].contact === 'centre' ? 0 : setup.feeler;
}

function methodView(book: Book, feature: Feature, slot: Slot | undefined): MethodView | undefined {
  const gauge = gaugeFor(book, feature, slot);
  const method = gauge && methodOf(gauge.kind);
  if (!gauge || !method) return undefined;
  const facts = METHOD_FACTS[method];
  const { setup, tools } = book;
  const size = (mm: number) => formatLengthUnit(mm, { unit: setup.units });
  const cutter = needsCutter(gauge)
    ? tools.find(({ number }) => number === (setup.cutter ?? setup.referenceTool))
    : undefined;
  const use = contactInUse(
    book,
    {
      gaugeId: gauge.id,
      feeler: feelerBeside(book, gauge),
      takenAt: new Date().toISOString(),
      ...(cutter && { tool: cutter.number }),
    },
    slot?.axis ?? 'x',
  );
  const own = ownRepeatability(book, gauge.id);
  const beside = feelerBeside(book, gauge);
  const feeler = beside > 0 ? ` and ${size(beside)} feeler` : '';
  const contact =
    facts.contact === 'cutter'
      ? `${cutter ? `T${cutter.number} ${cutter.name}, ${size(cutter.diameter)}` : 'no cutter chosen'}, with ${size(gauge.offsets?.[slot?.axis ?? 'x'] ?? sizeOf(gauge))} between${feeler}`
      : facts.contact === 'gauge'
        ? `contact ${size(sizeOf(gauge))}${feeler}`
        : facts.radius;
  const turns = GAUGE_FACTS[gauge.kind].spin !== 'standing';
  const speed =
    facts.speed === null ? '' : gauge.maxRpm ? `, turning, at most ${gauge.maxRpm} rev/min` : turns ? ', turning' : '';
  const still = turns ? speed : ', spindle stopped';
  return {
    gauge,
    facts,
    cutter,
    radius: use ? use.contact.diameter / 2 + use.contact.feeler : 0,
    words: `${gauge.name}: ${contact}${still}.${own ? ` Repeats to ${size(own.sd)} by your log.` : ''}`,
    cautions: facts.cautions,
    missing:
      slot && book.machine.without?.includes(slot.axis)
        ? `This machine has no ${slot.axis.toUpperCase()}: nothing can be touched along it.`
        : facts.contact === 'cutter' && !cutter
          ? 'Choose the cutter that stands in the spindle, under “with”.'
          : doesNotFit(book, feature, use),
  };
}

/** A contact too large for the bore or slot it is to go into. */
function doesNotFit(book: Book, feature: Feature, use: ReturnType<typeof contactInUse>): string | undefined {
  if (
    !use ||
    feature.kind !== 'round' ||
    roundWay(book, feature.of) === 'sweep' ||
    roundWay(book, feature.of) === 'plug'
  )
    return undefined;
  const round = roundOf(book.part, feature.of);
  const wide = use.contact.diameter + 2 * use.contact.feeler;
  const size = (mm: number) => formatLengthUnit(mm, { unit: book.setup.units });
  return round.kind === 'bore' && wide >= round.diameter
    ? `A contact of ${size(wide)} does not go into a bore of ${size(round.diameter)}. Choose a smaller one, a sweep or a plug, under “with”.`
    : undefined;
}

function logSlot(
  book: Book,
  slot: Slot | undefined,
  method: MethodView | undefined,
  { said, across, as }: { said: Said; across: string; as: TypedAs },
): string | undefined {
  if (!slot || !method) return 'Choose what touches first, under “with”.';
  if (method.missing) return method.missing;
  const { cutter, gauge } = method;
  const { subject } = slot;
  if (subject.kind === 'sweep') return logDial(book, { subject, gaugeId: gauge.id, ticked: [] }, typedText(said));
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

/** A control may have done it by itself: only one with cycles, and with something that trips it. */
function typedAsOf(
  book: Book,
  feature: Feature,
  slot: Slot | undefined,
  method: MethodView | undefined,
): readonly TypedAs[] {
  // A centre from the control's cycle is nothing that any scale shows.
  if (slot?.subject.kind === 'standing' && feature.kind === 'round' && roundWay(book, feature.of) === 'cycle')
    return ['result', 'zero'];
  const controller = hasController(book.machine);
  const trips = method && ['probe', 'touch-plate', 'contact-light'].includes(method.gauge.kind);
  if (!controller || !trips || !slot || slot.dial || slot.subject.kind !== 'face') return ['scale'];
  // A cycle that sets a corner's zero shows each axis by itself; one of a middle is no face's own.
  const each = feature.kind === 'face' || (feature.kind === 'corner' && !slot.across);
  return each ? TYPED_AS : ['scale', 'result'];
}

function markSet(book: Book, feature: Feature, { form, value, values }: FormView): void {
  if (form === 'offset') return;
  const tells = nominalOf(book.part, book.setup.partZero, feature, book.datumPlan.known);
  for (const axis of ['x', 'y'] as const) {
    if (tells[axis] === undefined) continue;
    logZeroing(book, feature, axis, form, values?.[axis] ?? value);
  }
}
