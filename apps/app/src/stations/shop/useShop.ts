import type { Gauge, Machine, Tool } from '@zero-point/core/contract/shop';
import type { Holding } from '@zero-point/core/contract/holding';
import type { ShopEntry } from '@zero-point/core/ledger/entry';
import { GAUGE_FACTS, type GaugeKind } from '@zero-point/core/metrology/gaugeKinds';
import { MACHINE_KINDS, startingMachine } from '@zero-point/core/shop/startingMachine';
import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { useMemo } from 'react';
import { uuidv7 } from 'uuidv7';
import { useShop, withShopEntries, type Shop } from '../../api/queries';
import { useOutbox } from '../../stores/outbox';

/** What a shop keeps, by the name in its address. */
export const COLLECTIONS = ['machines', 'gauges', 'tools', 'holdings'] as const;

export type Collection = (typeof COLLECTIONS)[number];

export type Thing = Machine | Gauge | Tool | Holding;

export const COLLECTION_TITLES: Readonly<Record<Collection, { many: string; one: string; about: string }>> = {
  machines: { many: 'Machines', one: 'machine', about: 'axes, dials, backlash, habits' },
  gauges: { many: 'Gauges', one: 'gauge', about: 'everything of known size that touches' },
  tools: { many: 'Tools', one: 'tool', about: 'cutters with a number' },
  holdings: { many: 'Workholding lists', one: 'list', about: 'what is done before the first touch' },
};

export const isCollection = (value: unknown): value is Collection => COLLECTIONS.some((name) => name === value);

/** The shop as it stands on this device: what the server has, and what waits to be sent. */
export function useShopNow() {
  const query = useShop();
  const waiting = useOutbox((state) => state.waiting);
  const shop = useMemo(() => {
    const entries = waiting.flatMap(({ entry }) => (entry.kind === 'shop' ? entry : []));
    return query.data && withShopEntries(query.data, entries);
  }, [query.data, waiting]);
  return { shop, away: query.isError && !query.data, retry: () => void query.refetch() };
}

/** Keeps a thing of the shop, in place of the one with its id. */
export const keepThing = (entry: Omit<ShopEntry, 'kind' | 'setupId'>): void =>
  useOutbox.getState().log({ kind: 'shop', setupId: '', ...entry } as ShopEntry);

export const today = (): string => new Date().toISOString().slice(0, 10);

/** One line about a thing, for lists. */
export function thingFacts(collection: Collection, thing: Thing, unit: LengthUnit): string {
  const size = (mm: number) => formatLengthUnit(mm, { unit });
  switch (collection) {
    case 'machines': {
      const machine = thing as Machine;
      const kind = MACHINE_KINDS.find((one) => one.kind === machine.kind)?.name ?? machine.kind;
      return `${kind}, to ${formatLengthUnit(machine.axes.x.step, { unit: machine.units })}`;
    }
    case 'gauges': {
      const gauge = thing as Gauge;
      const about = GAUGE_FACTS[gauge.kind].name;
      if (gauge.kind === 'indicator') return `${about}, lines of ${size(gauge.resolution ?? 0.01)}`;
      return gauge.measured === undefined
        ? `${about}, marked ${size(gauge.nominal)}`
        : `${about}, marked ${size(gauge.nominal)}, measures ${size(gauge.measured)}`;
    }
    case 'tools': {
      const tool = thing as Tool;
      const teeth = tool.teeth === undefined ? '' : tool.teeth === 1 ? ', 1 tooth' : `, ${tool.teeth} teeth`;
      return `T${tool.number}, ⌀ ${size(tool.diameter)}${teeth}`;
    }
    case 'holdings': {
      const { steps } = thing as Holding;
      return steps.length === 1 ? '1 step' : `${steps.length} steps`;
    }
  }
}

export const isRetired = (thing: Thing): boolean => 'retiredOn' in thing && thing.retiredOn !== undefined;

/** A new machine from one of the starting points. */
export function addMachine(kind: Machine['kind'], units: LengthUnit): string {
  const id = uuidv7();
  const name = MACHINE_KINDS.find((one) => one.kind === kind)?.name ?? 'New machine';
  keepThing({ collection: 'machines', body: startingMachine(id, name, kind, units) });
  return id;
}

/** A new gauge of a kind, with figures to start from. */
export function addGauge(kind: GaugeKind, units: LengthUnit): string {
  const id = uuidv7();
  const { name } = GAUGE_FACTS[kind];
  const inch = units === 'in';
  const indicator = inch
    ? { resolution: 0.0127, perTurn: 1.27, range: 6.35 }
    : { resolution: 0.01, perTurn: 1, range: 5 };
  const gauge: Gauge = {
    id,
    name: name.charAt(0).toUpperCase() + name.slice(1),
    kind,
    nominal: kind === 'indicator' ? 0 : inch ? 12.7 : 10,
    ...(kind === 'indicator' && indicator),
  };
  keepThing({ collection: 'gauges', body: gauge });
  return id;
}

/** A new tool with the next free number. */
export function addTool(shop: Shop): string {
  const id = uuidv7();
  const number = Math.max(0, ...shop.tools.map((tool) => tool.number)) + 1;
  keepThing({
    collection: 'tools',
    body: { id, number, name: `Tool ${number}`, diameter: 6, kind: 'end-mill', teeth: 2 },
  });
  return id;
}

/** A list of the shop's own. */
export function addHolding(): string {
  const id = uuidv7();
  keepThing({ collection: 'holdings', body: { id, name: 'Held our way', steps: [] } });
  return id;
}

/** The same thing under a new id and name, nothing measured carried over that belongs to the one. */
export function copyThing(collection: Collection, thing: Thing, shop: Shop): string {
  const id = uuidv7();
  const name = `${thing.name}, copy`.slice(0, 80);
  switch (collection) {
    case 'machines': {
      const { retiredOn: _, ...machine } = thing as Machine;
      const { x, y, z } = machine.axes;
      const fresh = ({ backlash: __, ...axis }: Machine['axes']['x']) => axis;
      keepThing({ collection, body: { ...machine, id, name, axes: { x: fresh(x), y: fresh(y), z: fresh(z) } } });
      return id;
    }
    case 'gauges': {
      const { retiredOn: _, measured: __, checkedOn: ___, ...gauge } = thing as Gauge;
      keepThing({ collection, body: { ...gauge, id, name } });
      return id;
    }
    case 'tools': {
      const { retiredOn: _, ...tool } = thing as Tool;
      const number = Math.max(0, ...shop.tools.map((one) => one.number)) + 1;
      keepThing({ collection, body: { ...tool, id, name, number } });
      return id;
    }
    case 'holdings':
      keepThing({ collection, body: { ...(thing as Holding), id, name } });
      return id;
  }
}
