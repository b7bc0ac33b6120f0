import { midSentence } from '@zero-point/core/messages/basis/grammar';
import { zZeroWords } from '@zero-point/core/messages/zAndTools/zZero';
import { PART_ZEROS } from '@zero-point/core/records/values/faces';
import { zeroOf } from '@zero-point/core/datum/partFrame';
import type { Point } from '@zero-point/core/geometry/point';
import type { Assumed, PartZero, Plan } from '@zero-point/core/records/setup/plan';
import type { Axis } from '@zero-point/core/schema/quantities';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { sizeOf } from '@zero-point/core/state/gauges/contactSize';
import { GAUGE_FACTS } from '@zero-point/core/metrology/gaugeKinds';
import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import { ZERO_LABELS } from '@zero-point/core/messages/basis/zeroLabels';
import { saveInSetup, saveThing } from '../../commands/logEntry';

/** A place zero may stand on, in the part's own frame. */
export interface ZeroPlace {
  zero: PartZero;
  label: string;
  at: Point;
}

/** State of the Plan station to view. */
export function planView(book: SetupState) {
  const { setup, part, gauges, machine } = book;
  const unit = setup.units;
  const size = (mm: number) => formatLengthUnit(mm, { unit });
  const option = (gauge: (typeof gauges)[number]) => ({
    value: gauge.id,
    label: `${gauge.name}, ${size(sizeOf(gauge))}`,
  });
  return {
    places: PART_ZEROS.map((zero): ZeroPlace => ({ zero, label: ZERO_LABELS[zero], at: zeroOf(part, zero) })),
    sentence: `${zeroWords(book)} Choose another place on the drawing to move it.`,
    facts: `${part.name}, ${part.material === '' ? 'stock' : part.material}: ${sizesOf(book, size)}. On the ${midSentence(machine.name)}.`,
    finders: offered(gauges, setup.finderId, ['edges', 'both']).map(option),
    heightGauges: offered(gauges, setup.heightGaugeId, ['heights', 'both']).map(option),
    holdings: book.holdings.map(({ id, name }) => ({ value: id, label: name })),
    tools: book.tools
      .filter(({ retiredOn }) => retiredOn === undefined)
      .map(({ number, name }) => ({ value: String(number), label: `T${number} ${name}` })),
  };
}

/** Where zero is, Z with it where that is not the top. */
function zeroWords(book: SetupState): string {
  const up = zZeroWords(book);
  const place = `Zero is the ${ZERO_LABELS[book.setup.partZero]}`;
  return up === undefined ? `${place}, on top.` : `${place}. ${up}`;
}

/** Gauges that find what is asked, the retired ones left out unless this setup has one in use. */
const offered = (gauges: SetupState['gauges'], inUse: string, finds: readonly string[]) =>
  gauges.filter(
    ({ id, kind, retiredOn }) => id === inUse || (finds.includes(GAUGE_FACTS[kind].finds) && retiredOn === undefined),
  );

/** Caliper sizes as the plan keeps them: only those that were measured. */
export const calipered = ({
  x,
  y,
}: {
  x?: number | undefined;
  y?: number | undefined;
}): NonNullable<Plan['caliper']> => ({
  ...(x !== undefined && { x }),
  ...(y !== undefined && { y }),
});

/** Keeps a change of the plan. */
export function changePlan(book: SetupState, change: Partial<Plan>): void {
  const { id: _, createdAt: _created, changedAt: _changed, ...plan } = book.setup;
  const body: Plan = { ...plan, ...change };
  saveInSetup(book, 'plan', body);
}

/** The plan once something it assumed was told. */
export const told = ({ setup }: SetupState, what: Assumed): Pick<Plan, 'assumed'> => ({
  assumed: setup.assumed?.filter((one) => one !== what),
});

/** A size of the part, once it is known. */
export const tellSize = (book: SetupState, axis: Axis, mm: number): void =>
  saveThing(book, 'part', {
    ...book.part,
    size: { ...book.part.size, [axis]: mm },
    untold: book.part.untold?.filter((one) => one !== axis),
  });

const sizesOf = ({ part }: SetupState, size: (mm: number) => string): string =>
  (['x', 'y', 'z'] as const)
    .map((axis) => (part.untold?.includes(axis) ? 'not entered' : size(part.size[axis])))
    .join(' × ');
