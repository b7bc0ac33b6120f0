import { GAUGE_FACTS } from '@zero-point/core/metrology/gauges/gaugeKinds';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { sizeOf } from '@zero-point/core/state/gauges/contactSize';
import { formatLengthUnit } from '@zero-point/core/units/formatLength';

/** Finders to choose from for X and Y, each with its size. */
export const finderOptions = (book: SetupState) => options(book, book.setup.finderId, ['edges', 'both']);

/** Gauges to choose from for Z, each with its size. */
export const heightGaugeOptions = (book: SetupState) => options(book, book.setup.heightGaugeId, ['heights', 'both']);

/** Gauges that find what is asked, the retired ones left out unless this setup has one in use. */
const options = ({ gauges, setup }: SetupState, inUse: string, finds: readonly string[]) =>
  gauges
    .filter(
      ({ id, kind, retiredOn }) => id === inUse || (finds.includes(GAUGE_FACTS[kind].finds) && retiredOn === undefined),
    )
    .map((gauge) => ({
      value: gauge.id,
      label: `${gauge.name}, ${formatLengthUnit(sizeOf(gauge), { unit: setup.units })}`,
    }));
