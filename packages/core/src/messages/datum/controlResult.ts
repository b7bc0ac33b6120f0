import type { SetupState } from '../../state/basis/setupState';
import { contactInUse, needsCutter } from '../../state/gauges/contactSize';
import { gaugeAt } from '../../state/basis/setupState';
import { GAUGE_FACTS, type GaugeKind } from '../../metrology/gauges/gaugeKinds';
import type { TouchReading } from '../../records/log/reading';
import { formatLengthUnit } from '../../units/formatLength';

/** What was typed of a touch: what the scale shows, the control's own result, or the zero its cycle has set. */
export const TYPED_AS = ['scale', 'result', 'zero'] as const;

export type TypedAs = (typeof TYPED_AS)[number];

/** What a control has taken off of what tripped its cycle. */
const takenOff = (kind: GaugeKind | undefined): string => (kind ? GAUGE_FACTS[kind].takenOff : 'ball');

/** What is typed of a touch, by what touches: "the control’s result, plate already off". */
export function typedAsName(as: TypedAs, kind: GaugeKind | undefined): string {
  switch (as) {
    case 'scale':
      return 'what the scale shows';
    case 'result':
      return `the control’s result, ${takenOff(kind)} already off`;
    case 'zero':
      return 'the zero its cycle has set';
  }
}

/**
 * What a result of the control's own cycle means: nothing is taken off again, and where the spindle must have stood when
 * the ball touched, so that it can be held against what the screen showed.
 */
export function controlResultWords(book: SetupState, reading: TouchReading): string | undefined {
  if (reading.source.by !== 'control') return undefined;
  const gauge = gaugeAt(book, reading.gaugeId, reading.takenAt);
  if (!gauge) return undefined;
  const { source: _, axis, ...use } = reading;
  const took = `The control took the ${takenOff(gauge.kind)} off itself. It is not subtracted again.`;
  const again = 'Touch once more and type the scale reading: both must agree.';
  const contact = axis === 'z' ? undefined : contactInUse(book, use, axis)?.contact;
  if (!contact) return `${took} ${again}`;
  const length = (mm: number) => formatLengthUnit(mm, { unit: book.setup.units });
  const { diameter, feeler } = contact;
  // Where it stood hangs on what touched: a ball alone, or a cutter with the plate before it.
  const by = needsCutter(gauge)
    ? `the cutter’s ⌀ ${length(diameter)} and ${length(feeler)} of ${takenOff(gauge.kind)}`
    : `its ⌀ ${length(diameter)}`;
  const stood = reading.value - reading.approach * (diameter / 2 + feeler);
  return `${took} With ${by} the spindle stood at ${axis.toUpperCase()} ${length(stood)} at the touch. ${again}`;
}
