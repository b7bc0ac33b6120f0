import { capitalize } from '@zero-point/core/messages/basis/grammar';
import type { KnownGauge } from '@zero-point/core/state/basis/calibratedGauge';
import type { KnownMachine } from '@zero-point/core/state/basis/setupState';
import type { Cutter } from '@zero-point/core/records/shop/cutter';
import type { Gauge } from '@zero-point/core/records/shop/gauge';
import { gauge as gaugeSchema } from '@zero-point/core/records/shop/gauge.schema';
import type { Holding } from '@zero-point/core/records/shop/workholdingList';
import type { Machine } from '@zero-point/core/records/shop/machine';
import { GAUGE_FACTS, type GaugeKind } from '@zero-point/core/metrology/gaugeKinds';
import { MACHINE_KINDS, startingMachine } from '@zero-point/core/shop/startingMachine';
import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { uuidv7 } from 'uuidv7';
import type { Shop } from '../../api/queries';
import { saveMachine } from '../../commands/saveMachine';
import { saveThing, type Versioned } from '../../commands/logEntry';

/** What a shop keeps, by the name in its address. */
export const COLLECTIONS = ['machines', 'gauges', 'cutters', 'holdings'] as const;

export type Collection = (typeof COLLECTIONS)[number];

/** A thing of the shop with the list it stands in. */
export type Kept =
  | { collection: 'machines'; thing: KnownMachine }
  | { collection: 'gauges'; thing: KnownGauge }
  | { collection: 'cutters'; thing: Cutter }
  | { collection: 'holdings'; thing: Holding };

/** Everything of one list. */
export function keptOf(shop: Shop, collection: Collection): Kept[] {
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

/** Keeps a gauge; what it was measured to be stands apart, and is not saved with it. */
export const keepGauge = (shop: Versioned, gauge: Gauge): void => saveThing(shop, 'gauge', gaugeSchema.parse(gauge));

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

/** Gives a cutter its number in a machine, or none; a number it had there before is free again. */
export function giveNumber(shop: Shop, machineId: string, cutterId: string, number: number | undefined): void {
  const held = shop.magazines.find(({ id }) => id === machineId)?.tools ?? [];
  const others = held.filter((tool) => tool.cutterId !== cutterId && tool.number !== number);
  const tools = number === undefined ? others : [...others, { number, cutterId }];
  saveThing(shop, 'magazine', { id: machineId, tools: tools.sort((a, b) => a.number - b.number) });
}

/** The next free number of a machine. */
export const nextNumber = ({ magazines }: Shop, machineId: string): number =>
  Math.max(0, ...(magazines.find(({ id }) => id === machineId)?.tools ?? []).map(({ number }) => number)) + 1;

/** One line about a thing, for lists. */
export function thingFacts(shop: Shop, kept: Kept, unit: LengthUnit): string {
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
      if (gauge.nominal === 0) return about;
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

export const isRetired = ({ thing }: Kept): boolean => 'retiredOn' in thing && thing.retiredOn !== undefined;

/** Takes a thing out of use, or brings it back. */
export function keepRetired(shop: Shop, kept: Kept, retired: boolean): void {
  const change = { retiredOn: retired ? today() : undefined };
  if (kept.collection !== 'holdings') keepChanged(shop, kept, change);
}

/** Keeps a thing with some of it changed. */
function keepChanged(
  shop: Shop,
  { collection, thing }: Kept,
  change: { id?: string; name?: string; retiredOn?: string | undefined },
): void {
  switch (collection) {
    case 'machines':
      saveMachine(shop, { ...thing, ...change });
      return;
    case 'gauges':
      keepGauge(shop, { ...thing, ...change });
      return;
    case 'cutters':
      saveThing(shop, 'cutter', { ...thing, ...change });
      return;
    case 'holdings':
      saveThing(shop, 'holding', { ...thing, ...change });
  }
}

/** A new machine from one of the starting points. */
export function addMachine(shop: Shop, kind: Machine['kind'], units: LengthUnit): string {
  const id = uuidv7();
  const name = MACHINE_KINDS.find((one) => one.kind === kind)?.name ?? 'New machine';
  saveMachine(shop, startingMachine(id, name, kind, units));
  return id;
}

/** A new gauge of a kind, with figures to start from. */
export function addGauge(shop: Shop, kind: GaugeKind, units: LengthUnit): string {
  const id = uuidv7();
  const { name } = GAUGE_FACTS[kind];
  const inch = units === 'in';
  const indicator = inch
    ? { resolution: 0.0127, perTurn: 1.27, range: 6.35 }
    : { resolution: 0.01, perTurn: 1, range: 5 };
  keepGauge(shop, {
    id,
    name: capitalize(name),
    kind,
    nominal: kind === 'indicator' ? 0 : inch ? 12.7 : 10,
    ...(kind === 'indicator' && indicator),
  });
  return id;
}

/** A new cutter, with the next free number in the only machine there is; of several, the person says which. */
export function addCutter(shop: Shop): string {
  const id = uuidv7();
  const inUse = shop.machines.filter(({ retiredOn }) => retiredOn === undefined);
  const [only] = inUse;
  saveThing(shop, 'cutter', { id, name: 'New tool', diameter: 6, kind: 'end-mill', teeth: 2 });
  if (only && inUse.length === 1) giveNumber(shop, only.id, id, nextNumber(shop, only.id));
  return id;
}

/** A list of the shop's own. */
export function addHolding(shop: Shop): string {
  const id = uuidv7();
  saveThing(shop, 'holding', { id, name: 'Our workholding list', steps: [] });
  return id;
}

/** The same thing under a new id and name; nothing measured is carried over, and no number: those belong to the one. */
export function copyThing(kept: Kept, shop: Shop): string {
  const change = { id: uuidv7(), name: `${kept.thing.name}, copy`.slice(0, 80) };
  keepChanged(shop, kept, kept.collection === 'holdings' ? change : { ...change, ...IN_USE });
  return change.id;
}

const IN_USE = { retiredOn: undefined };
