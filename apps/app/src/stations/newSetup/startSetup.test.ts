import { machine as machineSchema } from '@zero-point/core/records/shop/machine.schema';
import { newSetup } from '@zero-point/core/records/setup/plan.schema';
import { part as partSchema } from '@zero-point/core/records/shop/part.schema';
import { startingMachine } from '@zero-point/core/shop/startingMachine';
import { dialForm, makeSetup, usualDial } from './startSetup';

const mill = startingMachine('knee', 'Knee mill', 'readout', 'mm');
const plate = { id: 'plate', name: 'Base plate', material: 'brass', size: { x: 184, y: 116, z: 9.5 }, holes: [] };
const gauges = [
  { id: 'old', name: 'Old finder', kind: 'spring-finder' as const, nominal: 10, retiredOn: '2026-01-01' },
  { id: 'probe', name: 'Probe', kind: 'probe' as const, nominal: 4 },
  { id: 'block', name: 'Block', kind: 'block' as const, nominal: 25 },
];

test('a machine of the shop and a unit are enough: the rest is taken as usual, and said to be', () => {
  const { setup, machine, part, gauges: made } = makeSetup({ machine: mill }, undefined, { gauges }, 'mm');
  expect(newSetup.safeParse(setup).error).toBeUndefined();
  expect(setup).toMatchObject({
    name: 'Part on the knee mill',
    machineId: 'knee',
    finderId: 'probe',
    heightGaugeId: 'block',
    tolerance: 0.1,
    assumed: ['tolerance', 'finder', 'height-gauge'],
  });
  expect([machine, made]).toEqual([undefined, []]);
  expect(partSchema.parse(part)).toMatchObject({ untold: ['x', 'y', 'z'] });
});

test('a part of the shop is taken as it is, with its sizes', () => {
  const { setup, part } = makeSetup({ machine: mill }, plate, { gauges }, 'mm');
  expect(part).toBeUndefined();
  expect(setup).toMatchObject({ partId: 'plate', name: 'Base plate on the knee mill' });
});

test('an empty shop gets a usual finder and block, in its own unit', () => {
  const { setup, gauges: made } = makeSetup({ kind: 'readout' }, undefined, { gauges: [] }, 'in');
  expect(made.map(({ name, nominal }) => [name, Number((nominal / 25.4).toFixed(4))])).toEqual([
    ['Edge finder 0.375 in', 0.375],
    ['Gauge block 0.5 in', 0.5],
  ]);
  expect(setup.finderId).toBe(made[0]?.id);
  expect(setup.tolerance).toBeCloseTo(0.1016, 9);
});

test('a finder that this spindle would throw, or a lamp on wood, is not what a setup begins with', () => {
  const router = { ...startingMachine('r', 'Router', 'router', 'mm'), limits: { leastRpm: 8000 } };
  const spring = { id: 's', name: 'Edge finder', kind: 'spring-finder' as const, nominal: 10, maxRpm: 1500 };
  const lamp = { id: 'l', name: 'Lamp', kind: 'contact-light' as const, nominal: 10 };
  const wood = { ...plate, material: 'walnut' };
  const from = (...own: (typeof spring | typeof lamp)[]) => makeSetup({ machine: router }, wood, { gauges: own }, 'mm');
  const { setup, gauges: made } = from(spring, lamp);
  expect(made[0]).toMatchObject({ id: setup.finderId, kind: 'paper', nominal: 0.1 });
  expect(makeSetup({ machine: router }, plate, { gauges: [spring, lamp] }, 'mm').setup.finderId).toBe('l');
  expect(makeSetup({ machine: mill }, wood, { gauges: [spring, lamp] }, 'mm').setup.finderId).toBe('s');
});

test('a dial tells travel and lines, and each axis steps by one of them', () => {
  const told = dialForm('mm').parse({ perTurn: '3', lines: '120' });
  const { machine } = makeSetup({ kind: 'dials', dial: told }, undefined, { gauges }, 'mm');
  expect(machineSchema.safeParse(machine).error).toBeUndefined();
  expect(machine?.axes.x).toMatchObject({ step: 0.025, dial: { perTurn: 3, lines: 120 } });
  expect(machine?.axes.z.dial).toMatchObject({ perTurn: 3, lines: 120 });
});

test.each([
  [{ perTurn: '', lines: '100' }, 'perTurn'],
  [{ perTurn: '1,234.5', lines: '100' }, 'perTurn'],
  [{ perTurn: '0', lines: '100' }, 'perTurn'],
  [{ perTurn: '2', lines: 'many' }, 'lines'],
  [{ perTurn: '2', lines: '1' }, 'lines'],
])('%j is refused at %s', (form, field) => {
  const read = dialForm('mm').safeParse(form);
  expect(read.error?.issues[0]?.path).toEqual([field]);
  expect(read.error?.issues[0]?.message).not.toBe('');
});

test('what a dial starts with is taken as it stands, in both units', () => {
  for (const unit of ['mm', 'in'] as const) expect(dialForm(unit).safeParse(usualDial(unit)).error).toBeUndefined();
});
