import { gauge } from '@zero-point/core/records/shop/gauge.schema';
import { machine } from '@zero-point/core/records/shop/machine.schema';
import { cutter } from '@zero-point/core/records/shop/cutter.schema';
import type { Entry } from '@zero-point/core/records/kinds/entry';
import { plateBook } from '@zero-point/core/state/basis/snapshot.case';
import { GAUGE_KINDS } from '@zero-point/core/metrology/gauges/gaugeKinds';
import { startingMachine } from '@zero-point/core/shop/startingMachine';
import { withShopEntries, type Shop } from '../../api/queries';
import { useOutbox } from '../../stores/outbox';
import { isRetired, thingFacts } from './view';
import { copyThing, addCutter, addGauge, addMachine } from './commands';

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
          backlash: { what: 'backlash', value: 0.2, U: 0.01, from: '2026-01-01', fromMinus: [10.2], fromPlus: [10] },
        },
      },
    },
  ],
  gauges: [
    { id: 'plate', name: 'Plate', kind: 'touch-plate', nominal: 12.7, measured: 12.42, checkedAt: '2026-01-01' },
  ],
  cutters: [{ id: 't7', name: 'Drill', diameter: 4.2, teeth: 2 }],
  magazines: [{ id: 'mill', tools: [{ number: 7, cutterId: 't7' }] }],
  calibrations: [],
  repeatability: [],
  versions: { 'magazine.mill': 'third' },
  parts: [plateBook.part],
  holdings: plateBook.holdings,
};

let logged: Entry[] = [];
beforeEach(() => {
  logged = [];
  useOutbox.setState({ log: (entry) => logged.push(entry) });
});

describe('adding to the shop', () => {
  test.each(GAUGE_KINDS)('a new %s keeps the contract, in mm and in inches', (kind) => {
    for (const units of ['mm', 'in'] as const) addGauge(shop, kind, units);
    expect(logged).toHaveLength(2);
    for (const { body } of logged) expect(gauge.safeParse(body).error).toBeUndefined();
  });

  test('a new machine opens under the id it was kept with', () => {
    const id = addMachine(shop, 'router', 'in');
    expect(logged).toMatchObject([{ kind: 'machine', setupId: '', began: 'first', body: { id, name: 'CNC router' } }]);
    expect(machine.safeParse(logged[0]?.body).success).toBe(true);
  });

  test('a new tool takes the next free number of the only machine in use', () => {
    addCutter({ ...shop, machines: shop.machines.map((one) => ({ ...one, retiredOn: undefined })) });
    expect(cutter.safeParse(logged[0]?.body).success).toBe(true);
    const [made, numbered] = logged;
    expect(numbered).toMatchObject({
      kind: 'magazine',
      began: 'third',
      body: { id: 'mill', tools: [{ number: 7 }, { number: 8, cutterId: (made?.body as { id: string }).id }] },
    });
  });
});

describe('a copy', () => {
  test('of a machine is not retired, and has no backlash that was measured on the other', () => {
    const id = copyThing(
      { collection: 'machines', thing: shop.machines[0] ?? startingMachine('x', 'x', 'dials', 'mm') },
      shop,
    );
    const [{ body } = { body: undefined }] = logged;
    const copy = machine.parse(body);
    expect(copy).toMatchObject({ id, name: 'Loft mill, copy' });
    expect(copy.retiredOn).toBeUndefined();
    expect(copy.axes.x).not.toHaveProperty('backlash');
    expect(copy.axes.x.step).toBe(0.02);
  });

  test('of a gauge has its marking, not its measured size', () => {
    copyThing(
      { collection: 'gauges', thing: shop.gauges[0] ?? { id: 'x', name: 'x', kind: 'block', nominal: 1 } },
      shop,
    );
    const copy = gauge.parse(logged[0]?.body);
    expect(copy).toMatchObject({ nominal: 12.7 });
    expect(copy).not.toHaveProperty('measured');
  });

  test('of a tool has no number until it is given one', () => {
    copyThing({ collection: 'cutters', thing: shop.cutters[0] ?? { id: 'x', name: 'x', diameter: 1 } }, shop);
    expect(logged).toMatchObject([{ kind: 'cutter', body: { diameter: 4.2 } }]);
  });
});

describe('what waits to be sent', () => {
  test('shows at once, in place or added, and leaves the rest', () => {
    const changed = {
      ...(shop.gauges[0] ?? { id: 'plate', kind: 'touch-plate', nominal: 1 }),
      name: 'Our plate',
    } as const;
    const now = withShopEntries(shop, [
      { kind: 'gauge', setupId: '', version: 'b', began: 'first', body: changed as never },
      { kind: 'cutter', setupId: '', version: 'c', began: 'first', body: { id: 't8', name: 'Tap', diameter: 3 } },
    ]);
    expect(now.gauges.map(({ name }) => name)).toEqual(['Our plate']);
    expect(now.cutters.map(({ name }) => name)).toEqual(['Drill', 'Tap']);
    expect(now.versions).toMatchObject({ 'gauge.plate': 'b', 'cutter.t8': 'c' });
    expect(now.parts).toBe(shop.parts);
  });
});

test('a line about a thing has every size with its unit', () => {
  const [mill, plate, drill] = [shop.machines[0], shop.gauges[0], shop.cutters[0]];
  if (!mill || !plate || !drill) throw new Error('the shop is empty');
  expect(thingFacts(shop, { collection: 'machines', thing: mill }, 'mm')).toBe('Manual mill, to 0.020 mm');
  expect(thingFacts(shop, { collection: 'gauges', thing: plate }, 'mm')).toBe(
    'touch plate, marked 12.700 mm, measures 12.420 mm',
  );
  expect(thingFacts(shop, { collection: 'cutters', thing: drill }, 'in')).toBe('T7, ⌀ 0.1654 in, 2 teeth');
  expect([
    isRetired({ collection: 'machines', thing: mill }),
    isRetired({ collection: 'gauges', thing: plate }),
  ]).toEqual([true, false]);
});
