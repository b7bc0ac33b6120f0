import { withEntries } from '../../records/kinds/merge';
import { deriveState } from '../basis/setupState';
import { AFTER, happened, keeping, measured, set, touch } from '../zAndTools/lengths.case';
import { programSetting } from './programContext';
import { plateSnapshot, caseReading, rowOf, settingBody, withTools } from '../basis/snapshot.case';

const screws = {
  id: 'screws',
  name: 'Screws',
  kind: 'points' as const,
  holeDiameter: 4.2,
  through: true,
  points: [{ x: 20, y: 20 }],
};

const settingOf = (change: Partial<typeof plateSnapshot>, id: string) =>
  programSetting(deriveState({ ...plateSnapshot, ...change, setup: { ...plateSnapshot.setup, ...change.setup, id } }));

const { x, y, z } = plateSnapshot.part.size;

test('the stock stands in the program’s frame: from part zero, its top at Z zero', () => {
  expect(settingOf({}, 'plain').stock).toMatchObject({ x: [0, x], y: [0, y], z: [-z, 0] });
  const centred = settingOf({ setup: { ...plateSnapshot.setup, partZero: 'centre' } }, 'centred');
  expect(centred.stock).toMatchObject({ x: [-x / 2, x / 2], y: [-y / 2, y / 2] });
});

test('with Z zero on the part’s underside, its top stands its thickness above', () => {
  const { datumPlan } = plateSnapshot;
  const heights = { surface: 0, lift: 0, zero: { at: 'under' as const } };
  const under = settingOf({ datumPlan: { ...datumPlan, heights } }, 'under');
  expect(under.stock?.z[0]).toBeCloseTo(0, 9);
  expect(under.stock?.z[1]).toBeCloseTo(z, 9);
});

test('a size nobody told bounds nothing: no stock without X or Y, no under side without Z', () => {
  const untold = (axes: ('x' | 'z')[]) => ({ part: { ...plateSnapshot.part, untold: axes } });
  expect(settingOf(untold(['x']), 'no-x').stock).toBeUndefined();
  expect(settingOf(untold(['z']), 'no-z').stock?.z).toEqual([-Infinity, 0]);
});

test('clamps come along into that frame, and larger stock takes the part’s place', () => {
  const box = (id: string) => ({ id, name: id, from: { x: 10, y: -5, z: -z }, to: { x: 30, y: 12, z: 8 } });
  const set = settingOf(
    {
      obstacles: { boxes: [box('clamp')], stock: box('stock') },
      setup: { ...plateSnapshot.setup, partZero: 'front-right' },
    },
    'boxes',
  );
  expect(set.boxes[0]).toMatchObject({ x: [10 - x, 30 - x], y: [-5, 12], z: [-z, 8] });
  expect(set.stock?.name).toBe('stock');
});

test('what is not set, in doubt or measured is said as it is', () => {
  const bare = settingOf(withTools([{ id: 'drill', number: 2, name: 'Drill', diameter: 4.2, kind: 'drill' }]), 'bare');
  expect(bare.unset).toEqual(['X', 'Y', 'Z']);
  expect(bare.tools.find(({ number }) => number === 2)).toMatchObject({
    length: null,
    stale: null,
    pointed: false,
  });
  const left = withEntries(plateSnapshot, [
    rowOf('zeroing', settingBody()),
    rowOf('interruption', { id: 'homed', what: 'homed', at: '2026-11-26T10:00:00.000Z' }),
  ]);
  const after = settingOf(left, 'left');
  expect(after).toMatchObject({ unset: ['Y', 'Z'], inDoubt: true });
});

test('positions with the deepest of what is done at each, the point of the drill and all', () => {
  const set = settingOf(
    { patterns: [screws], ...withTools([{ id: 'drill', number: 2, name: 'Drill', diameter: 4.2, kind: 'drill' }]) },
    'holes',
  );
  expect(set.holes).toHaveLength(1);
  expect(set.holes[0]).toMatchObject({ x: 20, y: 20, diameter: 4.2 });
  // Thickness, half a millimetre out, and the point of a 118° drill.
  expect(set.holes[0]?.tip).toBeCloseTo(z + 0.5 + 1.2618, 3);
});

describe('what is in the spindle as far as the log tells', () => {
  const left = (change: Parameters<typeof caseReading>[2] = {}) =>
    rowOf('reading', caseReading({ kind: 'face', face: 'left' }, -5, change));
  const inSpindle = (id: string, ...entries: Parameters<typeof withEntries>[1]) =>
    settingOf(withEntries(plateSnapshot, entries), id).gaugeIn;

  test('an edge finder that touched last, and what it bears', () => {
    expect(inSpindle('spring-in', left())).toEqual({ name: 'Edge finder', mostRpm: 1000 });
  });

  test('a pin must not turn at all', () => {
    expect(inSpindle('pin-in', left({ gaugeId: 'pin' }))).toEqual({ name: 'Pin', mostRpm: 0 });
  });

  test('nothing, once a tool was touched or something was ticked since', () => {
    const later = { takenAt: '2026-11-24T10:00:00.000Z' };
    const tool = rowOf('reading', caseReading({ kind: 'z-zero', tool: 1 }, 37.42, later));
    expect(inSpindle('tool-in', left(), tool)).toBeUndefined();
    const at = '2026-11-24T11:00:00.000Z';
    const tick = { id: 'tick', item: 'hole', text: 'Drilled', action: 'tick' as const, reason: '', at };
    expect(inSpindle('ticked', left(), rowOf('check', tick))).toBeUndefined();
  });

  test('a contact ball that stood under the tool, or on an arm, left a tool in the spindle', () => {
    const { datumPlan } = plateSnapshot;
    const ball = { id: 'ball', name: 'Ball', kind: 'contact-light' as const, nominal: 8 };
    const touched = (sits: 'under' | 'arm' | 'spindle') =>
      settingOf(
        withEntries(
          {
            ...plateSnapshot,
            gauges: [...plateSnapshot.gauges, ball],
            datumPlan: { ...datumPlan, heights: { surface: 0, lift: 0, sits } },
          },
          [rowOf('reading', caseReading({ kind: 'z-zero', tool: 1 }, 20, { gaugeId: 'ball' }))],
        ),
        `ball-${sits}`,
      ).gaugeIn;
    expect([touched('under'), touched('arm')]).toEqual([undefined, undefined]);
    expect(touched('spindle')).toEqual({ name: 'Ball', mostRpm: 0 });
  });

  test('nothing before anything was touched', () => expect(inSpindle('untouched')).toBeUndefined());
});

describe('lengths that were known once', () => {
  test('a tool that was ground is told as such, and so is the tool Z was set with', () => {
    const second = programSetting(measured(set('z', 10), happened('t2', AFTER)));
    expect(second.zToolChanged).toBeUndefined();
    expect(second.unset).not.toContain('Z');
    const reference = programSetting(measured(set('z', 10), happened('t1', AFTER)));
    expect(reference.zToolChanged).toBe(1);
  });

  test('of a kept length why it counts no more; touched again it is its own', () => {
    const of = (...entries: Parameters<typeof keeping>[1][]) =>
      programSetting(keeping({ against: 't1' }, ...entries)).tools.find(({ number }) => number === 2);
    expect(of()).toMatchObject({ length: -12.3, stale: null });
    expect(of(happened('t2', AFTER))).toMatchObject({ length: null, stale: 'tool' });
    expect(of(happened('t1', AFTER))).toMatchObject({ length: null, stale: 'reference' });
    const later = '2026-03-02T11:00:00.000Z';
    const again = [
      touch({ kind: 'z-zero', tool: 1 }, -40, 't1', later),
      touch({ kind: 'tool-length', tool: 2 }, -52.5, 't2', later),
    ];
    expect(of(happened('t1', AFTER), ...again)).toMatchObject({ length: expect.closeTo(-12.5, 9), stale: null });
  });
});
