import type { KnownGauge } from '@zero-point/core/state/basis/calibratedGauge';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { contactInUse, needsCutter, ownRepeatability, sizeOf } from '@zero-point/core/state/gauges/contactSize';
import { roundGauge, roundWay } from '@zero-point/core/state/datum/round';
import type { Caution } from '@zero-point/core/cautions/caution';
import { roundOf } from '@zero-point/core/datum/feature';
import { METHOD_FACTS, methodOf, type MethodFacts } from '@zero-point/core/methods/method';
import { GAUGE_FACTS } from '@zero-point/core/metrology/gauges/gaugeKinds';
import type { Tool } from '@zero-point/core/records/shop/cutter';
import type { Feature } from '@zero-point/core/records/setup/datumPlan';
import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import type { Slot } from '../feature/touchSlots';

/** Finder, with how it is worked. */
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

/** The gauge in hand for a touch: an indicator or plug where the way asks for one, else the finder of the plan. */
function gaugeFor(book: SetupState, feature: Feature, slot: Slot | undefined): KnownGauge | undefined {
  if (feature.kind !== 'round') return book.gauges.find(({ id }) => id === book.setup.finderId);
  const way = roundWay(book, feature.of);
  return roundGauge(book, slot?.dial ? 'sweep' : way);
}

/** Feeler or paper besides what touches, mm: none where a feeler itself is what stands between, or the contact is the centre. */
export function feelerBeside({ setup }: SetupState, { kind }: KnownGauge): number {
  const method = methodOf(kind);
  return GAUGE_FACTS[kind].goesBetween || !method || METHOD_FACTS[method].contact === 'centre' ? 0 : setup.feeler;
}

/** A pin is felt for by a feeler: whether one is between is said with it. */
export const besideFeeler = ({ kind }: KnownGauge): boolean => GAUGE_FACTS[kind].withFeeler;

/** Finder in a feature's slot, as it is worked and said; nothing where no gauge is chosen. */
export function methodView(book: SetupState, feature: Feature, slot: Slot | undefined): MethodView | undefined {
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
  const feeler = beside > 0 ? ` and ${size(beside)} feeler` : besideFeeler(gauge) ? ', no feeler between' : '';
  const contact =
    facts.contact === 'cutter'
      ? `${cutter ? `T${cutter.number} ${cutter.name}, ${size(cutter.diameter)}` : 'no cutter chosen'}, with ${size(gauge.offsets?.[slot?.axis ?? 'x'] ?? sizeOf(gauge))} between${feeler}`
      : facts.contact === 'gauge'
        ? `contact ${size(sizeOf(gauge))}${feeler}`
        : facts.radius;
  const turns = GAUGE_FACTS[gauge.kind].spin !== 'standing';
  const speed =
    facts.speed === null ? '' : gauge.maxRpm ? `, turning, at most ${gauge.maxRpm} rpm` : turns ? ', turning' : '';
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
          ? 'Choose the cutter in the spindle, under “with”.'
          : doesNotFit(book, feature, use),
  };
}

/** A contact too large for the bore or slot it is to go into. */
function doesNotFit(book: SetupState, feature: Feature, use: ReturnType<typeof contactInUse>): string | undefined {
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
