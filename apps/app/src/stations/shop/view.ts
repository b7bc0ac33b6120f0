import type { KnownGauge } from '@zero-point/core/state/basis/calibratedGauge';
import type { KnownMachine } from '@zero-point/core/state/basis/setupState';
import type { Cutter } from '@zero-point/core/records/shop/cutter';
import type { Holding } from '@zero-point/core/records/shop/workholdingList';
import { GAUGE_FACTS, hasSize } from '@zero-point/core/metrology/gauges/gaugeKinds';
import { MACHINE_KINDS } from '@zero-point/core/shop/startingMachine';
import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import type { Shop } from '../../api/queries';

/** What a shop keeps, by the name in its address. */
export const COLLECTIONS = ['machines', 'gauges', 'cutters', 'holdings'] as const;

export type Collection = (typeof COLLECTIONS)[number];

/** A thing of the shop with the list it stands in. */
export type ShopThing =
  | { collection: 'machines'; thing: KnownMachine }
  | { collection: 'gauges'; thing: KnownGauge }
  | { collection: 'cutters'; thing: Cutter }
  | { collection: 'holdings'; thing: Holding };

/** Everything of one list. */
export function keptOf(shop: Shop, collection: Collection): ShopThing[] {
  switch (collection) {
    case 'machines':
      return shop.machines.map((thing) => ({ collection, thing }));
    case 'gauges':
      return shop.gauges.map((thing) => ({ collection, thing }));
    case 'cutters':
      return shop.cutters.map((thing) => ({ collection, thing }));
    case 'holdings':
      return shop.holdings.map((thing) => ({ collection, thing }));
  }
}

export const COLLECTION_TITLES: Readonly<Record<Collection, { many: string; one: string; about: string }>> = {
  machines: { many: 'Machines', one: 'machine', about: 'axes, dials, backlash, habits' },
  gauges: { many: 'Gauges', one: 'gauge', about: 'finders, blocks and instruments' },
  cutters: { many: 'Tools', one: 'tool', about: 'cutters, and their number in each machine' },
  holdings: { many: 'Workholding lists', one: 'list', about: 'steps before the first touch' },
};

export const isCollection = (value: unknown): value is Collection => COLLECTIONS.some((name) => name === value);

export const today = (): string => new Date().toISOString().slice(0, 10);

/** Numbers a cutter has, machine by machine. */
export const numbersOf = (
  { machines, magazines }: Shop,
  cutterId: string,
): { machine: KnownMachine; number: number }[] =>
  machines.flatMap((machine) =>
    (magazines.find(({ id }) => id === machine.id)?.tools ?? [])
      .filter((tool) => tool.cutterId === cutterId)
      .map(({ number }) => ({ machine, number })),
  );

/** The next free number of a machine. */
export const nextNumber = ({ magazines }: Shop, machineId: string): number =>
  Math.max(0, ...(magazines.find(({ id }) => id === machineId)?.tools ?? []).map(({ number }) => number)) + 1;

/** One line about a thing, for lists. */
export function thingFacts(shop: Shop, kept: ShopThing, unit: LengthUnit): string {
  const size = (mm: number) => formatLengthUnit(mm, { unit });
  switch (kept.collection) {
    case 'machines': {
      const machine = kept.thing;
      const kind = MACHINE_KINDS.find((one) => one.kind === machine.kind)?.name ?? machine.kind;
      return `${kind}, to ${formatLengthUnit(machine.axes.x.step, { unit: machine.units })}`;
    }
    case 'gauges': {
      const gauge = kept.thing;
      const about = GAUGE_FACTS[gauge.kind].name;
      if (gauge.kind === 'indicator') return `${about}, lines of ${size(gauge.resolution ?? 0.01)}`;
      // What only measures has no size of its own.
      if (!hasSize(gauge.kind)) return about;
      return gauge.measured === undefined
        ? `${about}, marked ${size(gauge.nominal)}`
        : `${about}, marked ${size(gauge.nominal)}, measures ${size(gauge.measured)}`;
    }
    case 'cutters': {
      const cutter = kept.thing;
      const teeth = cutter.teeth === undefined ? '' : cutter.teeth === 1 ? ', 1 tooth' : `, ${cutter.teeth} teeth`;
      return `${numberWords(shop, cutter)}⌀ ${size(cutter.diameter)}${teeth}`;
    }
    case 'holdings': {
      const { steps } = kept.thing;
      return steps.length === 1 ? '1 step' : `${steps.length} steps`;
    }
  }
}

/** One number where it is the same in every machine that has it, else each with its machine. */
function numberWords(shop: Shop, cutter: Cutter): string {
  const numbers = numbersOf(shop, cutter.id);
  const [first] = numbers;
  if (!first) return '';
  return numbers.every(({ number }) => number === first.number)
    ? `T${first.number}, `
    : `${numbers.map(({ machine, number }) => `T${number} ${machine.name}`).join(', ')}, `;
}

export const isRetired = ({ thing }: ShopThing): boolean => 'retiredOn' in thing && thing.retiredOn !== undefined;

export const IN_USE = { retiredOn: undefined };
