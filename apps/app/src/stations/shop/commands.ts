import { type Gauge, gauge as gaugeSchema } from '@zero-point/core/records/shop/gauge.schema';
import { type Versioned, saveThing } from '../../commands/logEntry';
import type { Shop } from '../../api/queries';
import { IN_USE, type ShopThing, nextNumber, today } from './view';
import { saveMachine } from '../../commands/saveMachine';
import type { Machine } from '@zero-point/core/records/shop/machine.schema';
import { MACHINE_KINDS, startingMachine } from '@zero-point/core/shop/startingMachine';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { INCH } from '@zero-point/core/units/unit';
import { uuidv7 } from 'uuidv7';
import { capitalize } from '@zero-point/core/messages/basis/grammar';
import { GAUGE_FACTS, type GaugeKind } from '@zero-point/core/metrology/gauges/gaugeKinds';

/** Keeps a gauge; what it was measured to be stands apart, and is not saved with it. */
export const saveGauge = (shop: Versioned, gauge: Gauge): void => saveThing(shop, 'gauge', gaugeSchema.parse(gauge));

/** Gives a cutter its number in a machine, or none; a number it had there before is free again. */
export function saveToolNumber(shop: Shop, machineId: string, cutterId: string, number: number | undefined): void {
  const held = shop.magazines.find(({ id }) => id === machineId)?.tools ?? [];
  const others = held.filter((tool) => tool.cutterId !== cutterId && tool.number !== number);
  const tools = number === undefined ? others : [...others, { number, cutterId }];
  saveThing(shop, 'magazine', { id: machineId, tools: tools.sort((a, b) => a.number - b.number) });
}

/** Takes a thing out of use, or brings it back. */
export function retireThing(shop: Shop, kept: ShopThing, retired: boolean): void {
  const change = { retiredOn: retired ? today() : undefined };
  if (kept.collection !== 'holdings') saveThingChange(shop, kept, change);
}

/** Keeps a thing with some of it changed. */
function saveThingChange(
  shop: Shop,
  { collection, thing }: ShopThing,
  change: { id?: string; name?: string; retiredOn?: string | undefined },
): void {
  switch (collection) {
    case 'machines':
      saveMachine(shop, { ...thing, ...change });
      return;
    case 'gauges':
      saveGauge(shop, { ...thing, ...change });
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
  const { name, start } = GAUGE_FACTS[kind];
  const inch = units === 'in';
  const indicator = inch
    ? { resolution: 0.0127, perTurn: 1.27, range: 6.35 }
    : { resolution: 0.01, perTurn: 1, range: 5 };
  saveGauge(shop, {
    id,
    name: capitalize(name),
    kind,
    nominal: inch ? start.in * INCH : start.mm,
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
  if (only && inUse.length === 1) saveToolNumber(shop, only.id, id, nextNumber(shop, only.id));
  return id;
}

/** A list of the shop's own. */
export function addHolding(shop: Shop): string {
  const id = uuidv7();
  saveThing(shop, 'holding', { id, name: 'Our workholding list', steps: [] });
  return id;
}

/** The same thing under a new id and name; nothing measured is carried over, and no number: those belong to the one. */
export function copyThing(kept: ShopThing, shop: Shop): string {
  const change = { id: uuidv7(), name: `${kept.thing.name}, copy`.slice(0, 80) };
  saveThingChange(shop, kept, kept.collection === 'holdings' ? change : { ...change, ...IN_USE });
  return change.id;
}
