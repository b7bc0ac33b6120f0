import { startingMachine } from '../shop/startingMachine';
import type { ShopFile } from '../records/snapshots/shopFile';
import { readSetupFile, setupFile, withOtherIds } from './setupFile';

const EMPTY = { holdings: [], tables: [], calibrations: [], reckonings: [] };

/** A shop with one setup, as a file has it. */
function shop(): ShopFile {
  const setup = {
    id: 'plate',
    name: 'Plate',
    machineId: 'mill',
    partId: 'part',
    partZero: 'front-left',
    tolerance: 0.1,
    units: 'mm',
    finderId: 'finder',
    heightGaugeId: 'block',
    referenceTool: 1,
    feeler: 0,
    holdingId: 'vise',
    purpose: 'work',
    note: 'the finder is called finder',
    createdAt: '2026-11-20T09:00:00.000Z',
  };
  return {
    ...EMPTY,
    machines: [startingMachine('mill', 'Mill', 'readout', 'mm')],
    magazines: [{ id: 'mill', tools: [{ number: 1, cutterId: 'end-mill' }] }],
    cutters: [{ id: 'end-mill', name: 'End mill', diameter: 8 }],
    gauges: [
      { id: 'finder', name: 'Finder', kind: 'spring-finder', nominal: 10 },
      { id: 'block', name: 'Block', kind: 'block', nominal: 25 },
    ],
    parts: [{ id: 'part', name: 'Part', material: 'brass', size: { x: 10, y: 10, z: 5 }, holes: [] }],
    setups: [
      {
        setup,
        patterns: [],
        readings: [
          {
            id: 'finder',
            on: 'scale',
            subject: { kind: 'face', face: 'left' },
            gaugeId: 'finder',
            value: -5,
            source: { by: 'typed', text: '-5', unit: 'mm' },
            ticked: [],
            takenAt: '2026-11-20T10:00:00.000Z',
            axis: 'x',
            approach: 1,
            place: { scale: 'readout' },
            epoch: 'first',
            feeler: 0,
          },
        ],
      },
    ],
  } as unknown as ShopFile;
}

const through = (file: unknown): unknown => JSON.parse(JSON.stringify(file));

test('what was written is read again, with lists that were left out empty', () => {
  const read = readSetupFile(through(setupFile(shop())));
  expect(read.machines).toEqual(shop().machines);
  expect(read.setups[0]?.readings).toEqual(shop().setups[0]?.readings);
  expect(read.setups[0]?.measurements).toEqual([]);
});

test.each([
  ['no file of ours', { hello: 1 }, /not a Zero Point setup/],
  [
    'two setups',
    { ...setupFile(shop()), shop: { ...shop(), setups: [...shop().setups, ...shop().setups] } },
    /not a Zero Point setup/,
  ],
  ['a later form', { ...setupFile(shop()), version: 2 }, /newer Zero Point/],
  ['a kind from later', { ...setupFile(shop()), kinds: { hologram: 1 } }, /newer Zero Point/],
  ['a kind never released', { ...setupFile(shop()), kinds: { machine: 1 } }, /before the first release/],
  [
    'a damaged gauge',
    { ...setupFile(shop()), shop: { ...shop(), gauges: [{ id: 'finder' }] } },
    /damaged at gauges\.0/,
  ],
])('%s is refused, and says why', (_name, file, why) => {
  expect(() => readSetupFile(through(file))).toThrow(why);
});

describe('things under other ids', () => {
  const names = new Map([
    ['mill', 'mill-2'],
    ['finder', 'finder-2'],
  ]);
  const other = withOtherIds(shop(), names);

  test('are called so wherever they are named', () => {
    expect(other.machines[0]?.id).toBe('mill-2');
    expect(other.magazines[0]?.id).toBe('mill-2');
    expect(other.gauges.map(({ id }) => id)).toEqual(['finder-2', 'block']);
    expect(other.setups[0]?.setup).toMatchObject({ machineId: 'mill-2', finderId: 'finder-2', heightGaugeId: 'block' });
    expect(other.setups[0]?.readings[0]).toMatchObject({ gaugeId: 'finder-2' });
  });

  test('and nothing else is touched: not a row’s own id, not words', () => {
    expect(other.setups[0]?.readings[0]?.id).toBe('finder');
    expect(other.setups[0]?.setup.note).toBe('the finder is called finder');
    expect(withOtherIds(shop(), new Map())).toEqual(shop());
  });
});
