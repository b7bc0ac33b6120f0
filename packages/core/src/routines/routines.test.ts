import { knownToday, type KnownMachine } from '../state/basis/setupState';
import type { KnownGauge } from '../state/basis/calibratedGauge';
import type { Calibration } from '../records/shop/calibration';
import { newCalibration } from '../records/shop/calibration.schema';
import type { Gauge } from '../records/shop/gauge';
import type { Machine } from '../records/shop/machine';
import { startingMachine } from '../shop/startingMachine';
import { tapeErrors } from '../working/working.case';
import { compareWithPrevious } from './compareWithPrevious';
import { ROUTINES, routineNamed, routinesFor } from './list';
import {
  calibratedOf,
  startOfNeeds,
  type Routine,
  type RoutineResult,
  type RoutineState,
  type RoutineSubject,
} from './routine';

const GAUGES: readonly (readonly [string, Gauge['kind'], number, number?])[] = [
  ['spring-finder-10', 'spring-finder', 10],
  ['pin-6', 'pin', 6],
  ['probe-4', 'probe', 4],
  ['block-10', 'block', 10],
  ['block-25', 'block', 25],
  ['touch-plate', 'touch-plate', 12.7],
  ['lever-indicator', 'indicator', 0, 0.002],
  ['feeler-005', 'feeler', 0.05],
  ['setter-50', 'setter', 50],
  ['ring-25', 'ring', 25],
  ['master-100', 'master-tool', 100],
  ['contact-light-10', 'contact-light', 10],
  ['paper-slip', 'paper', 0.1],
  ['caliper-150', 'caliper', 0, 0.01],
  ['micrometer-25', 'micrometer', 0, 0.001],
  ['bore-gauge', 'bore-gauge', 0, 0.001],
  ['plug-taper', 'plug', 20],
];

const sized = (gaugeId: string, value: number): Calibration => ({
  id: `size-${gaugeId}`,
  of: { kind: 'gauge', gaugeId },
  found: { what: 'size', value },
  from: '2026-08-03T08:00:00.000Z',
  at: '2026-08-03T08:00:00.000Z',
  seq: 1,
  receivedAt: '2026-08-03T08:00:00.000Z',
});

const trunnion: Machine = {
  ...startingMachine('trunnion-mill', 'Trunnion mill', 'machining-centre', 'mm'),
  rotary: [
    { name: 'C', sense: 1 },
    { name: 'A', sense: 1, limits: { from: -110, to: 110 } },
  ],
};

const shop = knownToday({
  gauges: GAUGES.map(([id, kind, nominal, resolution]) => ({
    id,
    name: id,
    kind,
    nominal,
    ...(resolution !== undefined && { resolution }),
  })),
  machines: [
    startingMachine('knee-mill', 'Knee mill', 'readout', 'mm'),
    startingMachine('gantry-router', 'Gantry router', 'router', 'mm'),
    trunnion,
  ],
  calibrations: [sized('probe-4', 3.996), sized('ring-25', 25.001), sized('master-100', 99.998)],
});

const gauge = (id: string): RoutineSubject => ({
  kind: 'gauge',
  gauge: must(shop.gauges.find((one) => one.id === id)),
});
const machine = (id: string): KnownMachine => must(shop.machines.find((one) => one.id === id));
const rotary = (axis: 'A' | 'C', sense: 1 | -1 | undefined = 1): RoutineSubject => ({
  kind: 'rotary',
  machine: machine('trunnion-mill'),
  axis,
  sense,
});

function must<T>(value: T | undefined): T {
  if (value === undefined) throw new Error('the shop has none');
  return value;
}

function stateOf(
  subject: RoutineSubject,
  routine: Routine,
  told: Record<string, string>,
  readings: RoutineState['readings'],
) {
  const needs = routine.needs({ subject, gauges: shop.gauges, told });
  const start = startOfNeeds(needs, shop);
  return { subject, ...shop, unit: 'mm' as const, told: { ...start, ...told }, readings };
}

function run(
  subject: RoutineSubject,
  name: string,
  readings: RoutineState['readings'],
  told: Record<string, string> = {},
): RoutineResult {
  const routine = must(routineNamed(subject, name));
  return routine.result(stateOf(subject, routine, told, readings));
}

const figures = ({ lines }: RoutineResult) => lines.map(({ value }) => Number(value.toFixed(4)));

describe('every routine', () => {
  const things: RoutineSubject[] = [
    ...shop.gauges.map((one): RoutineSubject => ({ kind: 'gauge', gauge: one })),
    { kind: 'cutter', cutter: { id: 't', name: 'End mill 6', diameter: 6 } },
    { kind: 'axis', machine: machine('knee-mill'), axis: 'x' },
    { kind: 'spot', machine: machine('gantry-router') },
    rotary('A'),
    rotary('C'),
  ];

  test('suits something of the shop, and asks one thing at a time in whole sentences', () => {
    for (const routine of ROUTINES) {
      const suited = things.filter((thing) => routine.suits(thing));
      expect([routine.name, suited.length > 0]).toEqual([routine.name, true]);
      for (const subject of suited) {
        const asks = routine.asks(stateOf(subject, routine, {}, {}));
        for (const { say, label, least, good } of asks) {
          expect(say).toMatch(/\?$/);
          expect(label.length).toBeLessThanOrEqual(40);
          expect(least).toBeGreaterThan(0);
          expect(good).toBeGreaterThanOrEqual(least);
        }
        expect(new Set(asks.map(({ key }) => key)).size).toBe(asks.length);
      }
    }
  });

  test('a block under a tool is raised past, never come down onto: words, caution and arrow, whatever it is chosen from', () => {
    let seen = 0;
    for (const routine of ROUTINES)
      for (const subject of things.filter((thing) => routine.suits(thing))) {
        const choices = routine
          .needs({ subject, gauges: shop.gauges, told: {} })
          .flatMap((need) =>
            need.kind === 'gauge'
              ? shop.gauges
                  .filter(({ kind }) => need.of.includes(kind))
                  .map(({ id, kind }) => ({ key: need.key, id, kind }))
              : [],
          );
        for (const { key, id, kind } of choices)
          for (const { say, picture, cautions = [] } of routine.asks(stateOf(subject, routine, { [key]: id }, {}))) {
            if (picture.kind !== 'onto' || !['block', 'feeler'].includes(kind) || picture.tool === 'probe') continue;
            if (picture.on === 'surface' || picture.on === 'setter') continue;
            seen += 1;
            expect([routine.name, picture.raised]).toEqual([routine.name, true]);
            expect(say).toMatch(/[Rr]aise until/);
            expect(say).not.toMatch(/[Cc]ome down/);
            expect(cautions.map((one) => one.id)).toContain('raise-onto-gauge');
          }
      }
    expect(seen).toBeGreaterThan(5);
  });

  test('every gauge of the shop can be qualified somehow', () => {
    for (const one of shop.gauges)
      expect([one.name, routinesFor({ kind: 'gauge', gauge: one }).length > 0]).toEqual([one.name, true]);
  });

  test('without a reading it says which question has none', () => {
    for (const routine of ROUTINES) {
      const subject = must(things.find((thing) => routine.suits(thing)));
      const state = stateOf(subject, routine, {}, {});
      if (routine.asks(state).length === 0) continue;
      expect(() => routine.result(state)).toThrow(/no reading yet/);
    }
  });

  test('what it keeps is a row of the record', () => {
    const results: [RoutineSubject, RoutineResult][] = [
      [gauge('spring-finder-10'), run(gauge('spring-finder-10'), 'by-block', { plus: [-5.006], minus: [20.002] })],
      [gauge('spring-finder-10'), run(gauge('spring-finder-10'), 'fixed-face', { again: [0, 0.005, -0.005, 0] })],
      [gauge('pin-6'), run(gauge('pin-6'), 'hand-turned', { high: [0.012], low: [0.004] })],
      [gauge('setter-50'), run(gauge('setter-50'), 'setter-height', { touch: [-40] })],
      [gauge('setter-50'), run(gauge('setter-50'), 'setter-sides', { plus: [-12.5], minus: [12.5] })],
      [gauge('probe-4'), run(gauge('probe-4'), 'probe-length', { master: [60], probe: [102.3] })],
      [gauge('touch-plate'), run(gauge('touch-plate'), 'by-instrument', { size: [12.42, 12.43] })],
      [
        gauge('caliper-150'),
        run(gauge('caliper-150'), 'against-blocks', { zero: [0], 'block-10': [10.01], 'block-25': [25] }),
      ],
      [rotary('A'), run(rotary('A'), 'trial-turn', {})],
      [rotary('A'), run(rotary('A'), 'centre-by-maker', { y: [108.56], z: [-322.3] })],
    ];
    for (const [subject, { found, reference }] of results) {
      for (const one of found) {
        const at = '2026-11-26T09:00:00.000Z';
        const row = { id: 'row', of: calibratedOf(subject), found: one, reference, from: at, at };
        expect(newCalibration.safeParse(row).error).toBeUndefined();
      }
    }
  });
});

test.each([
  ['probe-4', 'in-ring', ['dials', 'router', 'machining-centre'], 'machining-centre'],
  ['setter-50', 'setter-height', ['dials', 'router'], 'router'],
  ['probe-4', 'in-ring', ['dials'], 'dials'],
  ['contact-light-10', 'in-ring', ['readout', 'machining-centre'], 'readout'],
  ['probe-4', 'on-arm', ['readout', 'machining-centre'], 'readout'],
  ['spring-finder-10', 'fixed-face', ['dials', 'machining-centre'], 'dials'],
] as const)('%s, %s: of %j the %s stands there at first', (gaugeId, name, kinds, first) => {
  const gauge = must(shop.gauges.find(({ id }) => id === gaugeId));
  const subject: RoutineSubject = { kind: 'gauge', gauge };
  const machines = kinds.map((kind) => startingMachine(kind, kind, kind, 'mm'));
  const needs = must(routineNamed(subject, name)).needs({ subject, gauges: shop.gauges, told: {} });
  const { machines: known } = knownToday({ gauges: [], machines, calibrations: [] });
  expect(startOfNeeds(needs, { gauges: shop.gauges, machines: known })).toMatchObject({ machine: first });
});

describe('worked cases', () => {
  test('a probe in a ring of 25.001, two orientations: 3.968 across, and what each wall takes', () => {
    const found = run(
      gauge('probe-4'),
      'in-ring',
      { 'x+': [320.5145], 'x-': [299.4815], 'x+t': [320.5185], 'x-t': [299.4855] },
      { walls: '2' },
    );
    expect(figures(found)).toEqual([3.968, 1.984, 1.986, 1.982]);
    expect(found.notes[0]).toMatch(/0\.002 mm off the spindle’s axis along X/);
    expect(tapeErrors(found.tape)).toEqual([]);
  });

  test('one orientation says that the ball’s place is not known', () => {
    const found = run(gauge('probe-4'), 'in-ring', { 'x+': [320.5145], 'x-': [299.4815] }, { walls: '2', turns: '1' });
    expect(found.notes[0]).toMatch(/only the radius is known/);
  });

  test('another ring’s size is refused with the remedy', () => {
    const small = must(shop.gauges.find(({ id }) => id === 'ring-25'));
    const wrong: KnownGauge = { ...small, id: 'ring-20', nominal: 20, measured: 20.001 };
    const routine = must(routineNamed(gauge('probe-4'), 'in-ring'));
    const state = stateOf(
      gauge('probe-4'),
      routine,
      { walls: '2', turns: '1', ring: 'ring-20' },
      { 'x+': [320.5145], 'x-': [299.4815] },
    );
    expect(() => routine.result({ ...state, gauges: [...shop.gauges, wrong] })).toThrow(/another ring/);
  });

  test('a probe 42.3 longer on the block than a master of 99.998 is 142.298 long', () => {
    expect(figures(run(gauge('probe-4'), 'probe-length', { master: [60], probe: [102.3] }))).toEqual([142.298]);
  });

  test('a rotary table face’s face flipped: raw touches with a ball of 3.996 put the axis where the worked case has it', () => {
    const R = 1.998;
    const found = run(
      rotary('A'),
      'centre-by-flip',
      { face1: [112.64 + R], face2: [104.48 - R], faceZ: [-318.225] },
      { with: 'probe-4' },
    );
    expect(figures(found).slice(0, 3)).toEqual([108.56, -322.305, 4.08]);
    expect(found.found).toMatchObject([{ what: 'centre', by: 'flip' }]);
  });

  test('the same face looking toward minus first gives the same centre', () => {
    const R = 1.998;
    const found = run(
      rotary('A'),
      'centre-by-flip',
      { face1: [104.48 - R], face2: [112.64 + R], faceZ: [-318.225] },
      { with: 'probe-4', normal: '-1' },
    );
    expect(figures(found).slice(0, 3)).toEqual([108.56, -322.305, 4.08]);
  });

  test('a ball at three angles of C, and the sense it must have been seen to have', () => {
    const at = (command: number) => {
      const by = (-command * Math.PI) / 180;
      return [310 + 45 * Math.cos(by), -120 + 45 * Math.sin(by)] as const;
    };
    const readings = Object.fromEntries(
      [0, 120, 240].flatMap((command) => [
        [`${command} x`, [at(command)[0]]],
        [`${command} y`, [at(command)[1]]],
      ]),
    );
    expect(figures(run(rotary('C'), 'centre-by-angles', readings)).slice(0, 3)).toEqual([310, -120, 45]);
    expect(() => run(rotary('C', -1), 'centre-by-angles', readings)).toThrow(/went round the other way/);
    const routine = must(routineNamed(rotary('C'), 'centre-by-angles'));
    const unseen: RoutineSubject = { kind: 'rotary', machine: machine('trunnion-mill'), axis: 'C', sense: undefined };
    expect(() => routine.asks(stateOf(unseen, routine, {}, {}))).toThrow(/Make its trial turn first/);
  });

  test('a bore under A says Y and Z, not X and Y', () => {
    const found = run(rotary('A'), 'centre-by-bore', { y: [108.561], z: [-322.304] });
    expect(found.lines.map(({ say }) => say)).toEqual(['Centre of A, Y', 'Centre of A, Z']);
    expect(found.tape.sections.map(({ title }) => title).join()).not.toMatch(/\bX\b/);
  });

  test('a table that turns anticlockwise on +10° counts the other way', () => {
    expect(run(rotary('A'), 'trial-turn', {}, { seen: 'anticlockwise' }).found).toEqual([{ what: 'sense', value: -1 }]);
    expect(run(rotary('A'), 'trial-turn', {}).found).toEqual([{ what: 'sense', value: 1 }]);
  });

  test('a caliper that reads 0.01 over with nothing between is not off at a block by that', () => {
    const found = run(gauge('caliper-150'), 'against-blocks', {
      zero: [0.01],
      'block-10': [10.01],
      'block-25': [25.02],
    });
    expect(figures(found)).toEqual([0, 0.01]);
  });

  test('a spot tools are changed at adds its scatter twice over', () => {
    const spot: RoutineSubject = { kind: 'spot', machine: machine('gantry-router') };
    const found = run(spot, 'fixed-spot', { again: [-40, -40.01, -39.99, -40] });
    expect(found.found).toMatchObject([{ what: 'touch', approaches: 4 }]);
    expect(found.notes[0]).toMatch(/once with the old tool, once with the new/);
  });

  test('a setter’s sides say its width, and leave its height alone', () => {
    const found = run(gauge('setter-50'), 'setter-sides', { plus: [-12.5], minus: [12.5] });
    expect(found.found).toMatchObject([{ what: 'width', value: expect.closeTo(15, 9) as number }]);
  });

  test('a sensor on an arm, and the scale of an axis', () => {
    expect(figures(run(gauge('contact-light-10'), 'on-arm', { sensor: [-82.4], cutter: [-89.95] }))).toEqual([7.6]);
    const axis: RoutineSubject = { kind: 'axis', machine: machine('knee-mill'), axis: 'x' };
    const found = run(axis, 'axis-scale', { 'block-10': [10], 'block-25': [25.02] });
    expect(figures(found)).toEqual([0, 0.02]);
    expect(found.notes[0]).toMatch(/nothing is corrected behind your back/);
  });
});

describe('backlash of an axis', () => {
  const axis: RoutineSubject = { kind: 'axis', machine: machine('knee-mill'), axis: 'x' };
  const twice = { plus1: [10.18], minus1: [10], plus2: [10.185], minus2: [10.005], plus3: [10.175], minus3: [9.995] };

  test('one place come to from both sides in turn', () => {
    const found = run(axis, 'backlash', twice, { times: '3' });
    expect(figures(found)).toEqual([0.18]);
    expect(found.found).toMatchObject([
      { what: 'backlash', fromMinus: [10.18, 10.185, 10.175], fromPlus: [10, 10.005, 9.995] },
    ]);
    expect(found.notes).toEqual(['Only 3 from one side. Half a dozen from each side makes it good.']);
  });

  test('asks plus and minus in turn, as often as was chosen', () => {
    const routine = must(routineNamed(axis, 'backlash'));
    const asks = (times: string) => routine.asks(stateOf(axis, routine, { times }, {})).map(({ label }) => label);
    expect(asks('1')).toEqual(['X, arriving in plus', 'X, arriving in minus']);
    expect(asks('6')).toHaveLength(12);
  });

  test('a question left out is named as such', () => {
    expect(() => run(axis, 'backlash', { plus1: [10.18] }, { times: '1' })).toThrow(/no reading yet/);
  });
});

test('a centre asks for Z without the tool in it, and for the other axes at zero', () => {
  const says = (subject: RoutineSubject, name: string) => {
    const routine = must(routineNamed(subject, name));
    return routine.asks(stateOf(subject, routine, {}, {})).map(({ say }) => say);
  };
  for (const name of ['centre-by-flip', 'centre-by-bore', 'centre-by-angles']) {
    const [first, ...rest] = says(rotary('A'), name);
    expect(first).toMatch(/^C at zero\. /);
    const ofZ = [first, ...rest].filter((say) => say?.includes('Z'));
    expect(ofZ.length).toBeGreaterThan(0);
    for (const say of ofZ) expect(say).toMatch(/less the length of the finder\?$/);
  }
  expect(says(rotary('C'), 'centre-by-bore').join()).not.toMatch(/taken off/);
});

describe('held against what was found before', () => {
  const setter = gauge('setter-50');
  const trigger = (value: number): Calibration => ({
    ...sized('setter-50', 1),
    found: { what: 'trigger', value, machineId: 'trunnion-mill', U: 0.006 },
  });
  const now = run(setter, 'setter-height', { touch: [-40.002, -40.002] }, { machine: 'trunnion-mill' });
  const said = (...before: Calibration[]) => compareWithPrevious(setter, now, before, 'mm');

  test('the last of the same sort on the same machine, with E_n', () => {
    expect(said(trigger(-139.9))).toMatchObject([
      expect.stringMatching(/more than the .* Do it again before you save it\.$/),
    ]);
    expect(said(trigger(-139.9), trigger(-140.001))).toMatchObject([
      expect.stringMatching(/^Z where it answers: It agrees with the −140\.001 mm in use .*\(E_n 0\.\d\)/),
    ]);
    expect(said({ ...trigger(-140), found: { what: 'trigger', value: -140, machineId: 'other', U: 0.006 } })).toEqual(
      [],
    );
  });

  test('so far off that no setter moves, it was another master or another machine', () => {
    expect(said(trigger(-120))[0]).toMatch(/another master, another ring, or another machine: see its marking/);
  });

  test('a size that was never found is held against its marking; a scatter against nothing', () => {
    const spring = gauge('spring-finder-10');
    const size = run(
      spring,
      'by-block',
      { plus: [-5.006], minus: [20.002] },
      { block: 'block-25', machine: 'knee-mill' },
    );
    expect(compareWithPrevious(spring, { ...size, compare: { value: 10.004, U: 0.01 } }, [], 'mm')[0]).toMatch(
      /^It agrees with the 10\.000 mm in use/,
    );
    const again = run(spring, 'fixed-face', { again: [0, 0.005, 0] });
    expect(compareWithPrevious(spring, again, [], 'mm')).toEqual([]);
  });
});
