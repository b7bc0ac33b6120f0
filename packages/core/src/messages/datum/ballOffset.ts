import { gapOf, gaugeSits } from '../../state/gauges/gaugeSeat';
import type { SetupState } from '../../state/basis/setupState';
import { sizeOf } from '../../state/gauges/contactSize';
import type { KnownGauge } from '../../state/basis/calibratedGauge';
import { formatLengthUnit } from '../../units/formatLength';

/** So near to the ball's own diameter an offset is taken for it. Share of it. */
const NEAR = 0.02;

/** The whole ball of a sensor on an arm given as its offset, where at most half of it can be; undefined where it was not. */
export function ballOffsetText(book: Pick<SetupState, 'datumPlan' | 'setup'>, gauge: KnownGauge): string | undefined {
  const size = sizeOf(gauge);
  const gap = gaugeSits(book, gauge) === 'arm' ? gapOf(book, gauge) : undefined;
  if (gap === undefined || Math.abs(gap - size) > NEAR * size) return undefined;
  const unit = book.setup.units;
  return `That is the whole ball. If its centre is level with the cutter, use half: ${formatLengthUnit(size / 2, { unit })}. Measure it.`;
}
