import { GAUGE_FACTS } from '@zero-point/core/metrology/gauges/gaugeKinds';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { sizeOf } from '@zero-point/core/state/gauges/contactSize';
import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import { Choice } from '../../../../controls/Choice';
import { savePlan } from '../../../../commands/savePlan';

/** What is held between a pin and the face: it is in the sum of every touch from then on. */
export function FeelerBetween({ book }: { book: SetupState }) {
  const { feeler, units: unit } = book.setup;
  const own = book.gauges.filter(({ kind }) => GAUGE_FACTS[kind].goesBetween).map(sizeOf);
  const thick = [...new Set([0, ...own, feeler])].sort((a, b) => a - b);
  return (
    <Choice
      label="Feeler between pin and face"
      value={String(feeler)}
      options={thick.map((mm) => ({ value: String(mm), label: mm === 0 ? 'none' : formatLengthUnit(mm, { unit }) }))}
      onChange={(mm) => savePlan(book, { feeler: Number(mm) })}
    />
  );
}
