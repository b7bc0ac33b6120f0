import { gauge, machine, tool } from '@zero-point/core/contract/shop';
import type { Entry } from '@zero-point/core/ledger/entry';
import { plateSnapshot } from '@zero-point/core/ledger/snapshot.case';
import { GAUGE_KINDS } from '@zero-point/core/metrology/gaugeKinds';
import { startingMachine } from '@zero-point/core/shop/startingMachine';
import { withShopEntries, type Shop } from '../../api/queries';
import { useOutbox } from '../../stores/outbox';
import { addGauge, addMachine, addTool, copyThing, isRetired, thingFacts } from './useShop';

const shop: Shop = {
  kind: 'own',
  machines: [
    {
      ...startingMachine('mill', 'Loft mill', 'dials', 'mm'),
      retiredOn: '2026-01-02',
      axes: {
        ...startingMachine('mill', 'Loft mill', 'dials', 'mm').axes,
        x: {
          step: 0.02,
          backlash: { value: 0.2, U: 0.01, measuredOn: '2026-01-01', fromMinus: [10.2], fromPlus: [10] },
        },
      },
    },
  ],
  gauges: [
    { id: 'plate', name: 'Plate', kind: 'touch-plate', nominal: 12.7, measured: 12.42, checkedOn: '2026-01-01' },
  ],
  tools: [{ id: 't7', number: 7, name: 'Drill', diameter: 4.2, teeth: 2 }],
  parts: [plateSnapshot.part],
  holdings: plateSnapshot.holdings,
};

let logged: Entry[] = [];
beforeEach(() => {
  logged = [];
  useOutbox.setState({ log: (entry) => logged.push(entry) });
});

describe('adding to the shop', () => {
  test.each(GAUGE_KINDS)('a new %s keeps the contract, in mm and in inches', (kind) => {
    for (const units of ['mm', 'in'] as const) addGauge(kind, units);
    expect(logged).toHaveLength(2);
    for (const { body } of logged) expect(gauge.safeParse(body).error).toBeUndefined();
  });

  test('a new machine opens under the id it was kept with', () => {
    const id = addMachine('router', 'in');
    expect(logged).toMatchObject([{ kind: 'shop', collection: 'machines', body: { id, name: 'CNC router' } }]);
    expect(machine.safeParse(logged[0]?.body).success).toBe(true);
  });

  test('a new tool takes the next free number', () => {
    addTool(shop);
    expect(logged).toMatchObject([{ body: { number: 8 } }]);
    expect(tool.safeParse(logged[0]?.body).success).toBe(true);
  });
});

describe('a copy', () => {
  test('of a machine is not retired, and has no backlash that was measured on the other', () => {
    const id = copyThing('machines', shop.machines[0] ?? startingMachine('x', 'x', 'dials', 'mm'), shop);
    const [{ body } = { body: undefined }] = logged;
    const copy = machine.parse(body);
    expect(copy).toMatchObject({ id, name: 'Loft mill, copy' });
    expect(copy.retiredOn).toBeUndefined();
    expect(copy.axes.x.backlash).toBeUndefined();
    expect(copy.axes.x.step).toBe(0.02);
  });

  test('of a gauge has its marking, not its measured size', () => {
    copyThing('gauges', shop.gauges[0] ?? { id: 'x', name: 'x', kind: 'block', nominal: 1 }, shop);
    const copy = gauge.parse(logged[0]?.body);
    expect(copy).toMatchObject({ nominal: 12.7 });
    expect([copy.measured, copy.checkedOn]).toEqual([undefined, undefined]);
  });

  test('of a tool has a number of its own', () => {
    copyThing('tools', shop.tools[0] ?? { id: 'x', number: 1, name: 'x', diameter: 1 }, shop);
    expect(logged).toMatchObject([{ body: { number: 8, diameter: 4.2 } }]);
  });
});

describe('what waits to be sent', () => {
  test('shows at once, in place or added, and leaves the rest', () => {
    const changed = {
      ...(shop.gauges[0] ?? { id: 'plate', kind: 'touch-plate', nominal: 1 }),
      name: 'Our plate',
    } as const;
    const now = withShopEntries(shop, [
      { kind: 'shop', setupId: '', collection: 'gauges', body: changed as never },
      { kind: 'shop', setupId: '', collection: 'tools', body: { id: 't8', number: 8, name: 'Tap', diameter: 3 } },
    ]);
    expect(now.gauges.map(({ name }) => name)).toEqual(['Our plate']);
    expect(now.tools.map(({ number }) => number)).toEqual([7, 8]);
    expect(now.machines).toBe(shop.machines);
  });
});

test('a line about a thing has every size with its unit', () => {
  const [mill, plate, drill] = [shop.machines[0], shop.gauges[0], shop.tools[0]];
  if (!mill || !plate || !drill) throw new Error('the shop is empty');
  expect(thingFacts('machines', mill, 'mm')).toBe('Mill with dials, to 0.020 mm');
  expect(thingFacts('gauges', plate, 'mm')).toBe('touch plate, marked 12.700 mm, measures 12.420 mm');
  expect(thingFacts('tools', drill, 'in')).toBe('T7, ⌀ 0.1654 in, 2 teeth');
  expect([isRetired(mill), isRetired(plate)]).toEqual([true, false]);
});
