import fc from 'fast-check';
import { parseMessage, linkNotes, NOTHING_PARSED, type ParsedMessage } from './messageParser';
import { createLineSplitter } from './lineSplitter';
import { LONGEST_LINE, moves, deviceCommand, type DeviceMessage } from './message';
import { answer, createSimulatedDevice, helloLine, positionLine, type SimulatedDevice } from './simulatedDevice';
import { SIMULATED_DEVICES } from './simulatedDevices';
import { feel } from '../practice/mill/contact';

const HELLO = JSON.stringify({
  is: 'hello',
  protocol: 1,
  name: 'Readout',
  kind: 'readout',
  unit: 'mm',
  step: { x: 0.005, y: 0.005, z: 0.005 },
});

const position = (x: number, more: object = {}) =>
  JSON.stringify({ is: 'position', unit: 'mm', scale: 'readout', at: { x }, ...more });

const heardOf = (...lines: string[]): ParsedMessage =>
  lines.reduce((heard, line, i) => parseMessage(heard, line, 1000 + i), NOTHING_PARSED);

describe('lines out of pieces', () => {
  test('however a stream is cut, the same lines come out', () => {
    const line = fc.string({ maxLength: 30 }).map((text) => text.replace(/[\r\n]/g, ' ').trim());
    fc.assert(
      fc.property(fc.array(line), fc.array(fc.nat({ max: 200 })), (lines, cuts) => {
        const text = lines.map((one) => `${one}\r\n`).join('');
        const at = [...new Set(cuts.map((cut) => Math.min(cut, text.length)))].sort((a, b) => a - b);
        const splitter = createLineSplitter(100);
        const pieces = [...at, text.length].map((end, i) => text.slice(at[i - 1] ?? 0, end));
        expect(pieces.flatMap((piece) => splitter.push(piece))).toEqual(lines.filter((one) => one !== ''));
      }),
    );
  });

  test('half a line is none until the rest of it comes', () => {
    const splitter = createLineSplitter(100);
    expect(splitter.push('{"is":"posi')).toEqual([]);
    expect(splitter.push('tion"}\n{"is"')).toEqual(['{"is":"position"}']);
  });

  test('a line that never ends fills nothing, is counted once, and the next is read', () => {
    const splitter = createLineSplitter(50);
    for (let i = 0; i < 100; i += 1) expect(splitter.push('x'.repeat(1000))).toEqual([]);
    expect(splitter.push('end\nnext\n')).toEqual(['next']);
    expect(splitter.tooLong()).toBe(1);
  });
});

describe('what is heard', () => {
  test('a position in millimetres stands as it is, with the line that said so and when', () => {
    const line = position(-5.01);
    expect(heardOf(HELLO, line).position).toMatchObject({ at: { x: -5.01 }, scale: 'readout', line, when: 1001 });
  });

  test('one in inches is turned into millimetres, exactly', () => {
    const heard = heardOf(
      HELLO,
      JSON.stringify({ is: 'position', unit: 'in', scale: 'readout', at: { x: 0.5, z: -1 } }),
    );
    expect(heard.position?.at).toEqual({ x: 12.7, z: -25.4 });
    expect(linkNotes(heard)).toContainEqual({ code: 'unit', said: 'mm', counts: 'in' });
  });

  test.each([
    ['nonsense', 'ERR 17 %%'],
    ['half a line', '{"is":"position","unit":"mm","scale":"readout","at":{"x":1'],
    ['no unit', '{"is":"position","scale":"readout","at":{"x":1}}'],
    ['a unit nobody has', '{"is":"position","unit":"cubit","scale":"readout","at":{"x":1}}'],
    ['no figure', '{"is":"position","unit":"mm","scale":"readout","at":{}}'],
    ['a figure in words', '{"is":"position","unit":"mm","scale":"readout","at":{"x":"1.0"}}'],
    ['a figure beyond any mill', '{"is":"position","unit":"mm","scale":"readout","at":{"x":1e9}}'],
    ['no scale', '{"is":"position","unit":"mm","at":{"x":1}}'],
    ['an older protocol', HELLO.replace('"protocol":1', '"protocol":0')],
    ['a figure with an essay', position(1, { says: 'a', more: 'x'.repeat(600) })],
    ['a word of two lines', position(1, { says: 'a\u2028b' })],
    ['null', 'null'],
  ])('%s changes no figure, and is said', (_name, line) => {
    const before = heardOf(HELLO, position(7));
    const after = parseMessage(before, line, 2000);
    expect(after.position).toEqual(before.position);
    expect(after.hello).toEqual(before.hello);
    expect(linkNotes(after)).toContainEqual(
      expect.objectContaining({ code: 'nonsense', count: 1, line: line.slice(0, 80) }),
    );
  });

  test('whatever comes, it throws nothing and keeps little', () => {
    fc.assert(
      fc.property(fc.array(fc.oneof(fc.string(), fc.json(), fc.constant(HELLO), fc.constant(position(1)))), (lines) => {
        const heard = heardOf(...lines);
        expect(JSON.stringify(linkNotes(heard)).length).toBeLessThan(2000);
        expect(heard.lines + (heard.nonsense?.count ?? 0)).toBe(lines.length);
      }),
    );
  });

  test('each touch event is told from the one before it', () => {
    const touch = JSON.stringify({ is: 'touch', unit: 'mm', scale: 'readout', at: { x: 1 } });
    expect(heardOf(HELLO, touch).touch?.count).toBe(1);
    expect(heardOf(HELLO, touch, touch).touch?.count).toBe(2);
  });

  test('offsets and tools in inches come out in millimetres', () => {
    const heard = heardOf(
      JSON.stringify({ is: 'offsets', unit: 'in', rows: [{ name: 'G54', x: 1, y: 2, z: -2 }] }),
      JSON.stringify({ is: 'tools', unit: 'in', rows: [{ number: 3, length: 2 }] }),
    );
    expect(heard.offsets).toEqual([{ name: 'G54', x: 25.4, y: 50.8, z: -50.8 }]);
    expect(heard.tools?.[0]?.number).toBe(3);
    expect(heard.tools?.[0]?.length).toBeCloseTo(50.8, 12);
  });
});

describe('a device that lies about its step', () => {
  const stepNotes = (figures: readonly number[]) =>
    linkNotes(heardOf(HELLO, ...figures.map((x) => position(x)))).filter(({ code }) => code === 'step');

  test('figures on the step it tells are as they should be', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: -80_000, max: 80_000 }), { minLength: 1, maxLength: 60 }), (counts) => {
        const odd = [1, 3, 7].map((one) => one * 0.005);
        expect(stepNotes([...odd, ...counts.map((count) => Number((count * 0.005).toFixed(6)))])).toEqual([]);
      }),
    );
  });

  test('one finer figure is enough', () => {
    expect(stepNotes([1.005, 1.006])).toEqual([{ code: 'step', axis: 'x', told: 0.005, seen: 0.001 }]);
  });

  test('coarser is believed after sixteen different figures, and given up at the first that is finer', () => {
    const coarse = Array.from({ length: 16 }, (_, i) => Number((i * 0.02).toFixed(3)));
    expect(stepNotes(coarse.slice(0, 15))).toEqual([]);
    expect(stepNotes(coarse)).toEqual([{ code: 'step', axis: 'x', told: 0.005, seen: 0.02 }]);
    expect(stepNotes([...coarse, 0.005])).toEqual([]);
    // The same figure over and over tells nothing.
    expect(stepNotes(Array.from({ length: 100 }, () => 0.02))).toEqual([]);
  });
});

describe('the stand-ins', () => {
  const readout = () => createSimulatedDevice(SIMULATED_DEVICES.readout);
  const controller = () => createSimulatedDevice(SIMULATED_DEVICES.controller);
  const done = (start: SimulatedDevice, ...orders: unknown[]) => {
    const lines: DeviceMessage[] = [];
    const end = orders.reduce<SimulatedDevice>((standIn, order) => {
      const step = answer(standIn, deviceCommand.parse(order));
      lines.push(...step.lines);
      return step.next;
    }, start);
    return {
      end,
      lines,
      heard: heardOf(JSON.stringify(helloLine(start)), ...lines.map((line) => JSON.stringify(line))),
    };
  };

  test('what they say is what the shop understands, in steps they told', () => {
    for (const standIn of [readout(), controller()]) {
      const heard = heardOf(JSON.stringify(helloLine(standIn)), JSON.stringify(positionLine(standIn)));
      expect(heard.nonsense).toBeUndefined();
      expect(heard.hello?.standIn).toBe(true);
      expect(JSON.stringify(helloLine(standIn)).length).toBeLessThan(LONGEST_LINE);
      expect(linkNotes(heard)).toEqual([]);
    }
  });

  test('the DRO goes where its handwheels are turned, and its send key tells where it is', () => {
    // Read on the table, which follows once the play in the nut is used up.
    const play = SIMULATED_DEVICES.readout.mill.play.x;
    const { heard } = done(
      readout(),
      { do: 'act', act: { do: 'move', axis: 'x', by: 12.34 } },
      { do: 'act', act: { do: 'set', axis: 'y', value: -5 } },
      { do: 'press' },
    );
    expect(heard.touch).toMatchObject({ at: { x: 12.34 - play / 2, y: -5, z: 0 }, count: 1, scale: 'readout' });
  });

  test('a DRO runs no cycles', () => {
    for (const what of [{ do: 'home' }, { do: 'offsets' }, { do: 'probe', axis: 'x', way: 1 }])
      expect(done(readout(), what).lines).toEqual([{ is: 'trouble', says: 'A DRO cannot do that.' }]);
  });

  test('homing comes back to about a hundredth, and never to the same', () => {
    const { lines } = done(controller(), { do: 'home' }, { do: 'home' }, { do: 'home' });
    const xs = lines.flatMap((line) => (line.is === 'position' ? [line.at.x ?? 0] : []));
    expect(new Set(xs).size).toBeGreaterThan(1);
    for (const x of xs) expect(Math.abs(x)).toBeLessThan(0.05);
  });

  test('a cycle finds the left face with the ball off, within what a probe does', () => {
    const start = controller();
    const { corner, top } = start.mill.hidden;
    const { heard, end } = done(
      start,
      { do: 'home' },
      { do: 'act', act: { do: 'hold', contact: 'probe-4' } },
      { do: 'act', act: { do: 'move', axis: 'y', by: corner.y + 20 } },
      { do: 'act', act: { do: 'move', axis: 'z', by: top + 90 - 5 } },
      { do: 'probe', axis: 'x', way: 1 },
    );
    expect(heard.result).toMatchObject({ axis: 'x', cycle: 'probe X+', count: 1 });
    const trueFace = corner.x - end.mill.zero.x;
    expect(Math.abs((heard.result?.found ?? NaN) - trueFace)).toBeLessThan(0.03);
    // Backed off again, nothing broken.
    expect(feel(end.mill)).not.toBe('found');
    expect(end.mill.broken).toBeUndefined();
  });

  test('what cannot be probed is said: not homed, no probe, a turning spindle, upward, nothing there', () => {
    const hold = { do: 'act', act: { do: 'hold', contact: 'probe-4' } };
    const way = { do: 'probe', axis: 'x', way: -1 };
    const said = (...orders: unknown[]) => done(controller(), ...orders).heard.trouble;
    expect(said(way)).toBe('Home it first.');
    expect(said({ do: 'home' }, way)).toBe('There is no probe in the spindle.');
    expect(said({ do: 'home' }, hold, { do: 'probe', axis: 'z', way: 1 })).toBe('Z is probed downward.');
    expect(said({ do: 'home' }, hold, way)).toBe('Nothing was found within 60 mm.');
  });

  test('a probe that is turned flies apart', () => {
    const { end } = done(
      controller(),
      { do: 'act', act: { do: 'hold', contact: 'probe-4' } },
      { do: 'act', act: { do: 'spin', rpm: 500 } },
    );
    expect(end.mill.broken).toBe('flew-apart');
  });

  test('its offsets are read back as they were set, in its own unit', () => {
    const inches = createSimulatedDevice({ ...SIMULATED_DEVICES.controller, unit: 'in' });
    const { lines, heard } = done(inches, { do: 'offset', name: 'G55', axis: 'z', value: -25.4 });
    expect(lines).toContainEqual(expect.objectContaining({ is: 'offsets', unit: 'in' }));
    expect(heard.offsets?.find(({ name }) => name === 'G55')).toEqual({ name: 'G55', x: 0, y: 0, z: -25.4 });
    expect(done(controller(), { do: 'offset', name: 'G99', axis: 'z', value: 1 }).heard.trouble).toMatch(/G99/);
  });
});

test('only stand-ins are told to move: what a device of metal is asked moves nothing', () => {
  const asks = ['hello', 'read', 'offsets', 'tools'].map((one) => deviceCommand.parse({ do: one }));
  expect(asks.map(moves)).toEqual([false, false, false, false]);
  expect(moves(deviceCommand.parse({ do: 'home' }))).toBe(true);
  expect(moves(deviceCommand.parse({ do: 'press' }))).toBe(true);
  expect(moves(deviceCommand.parse({ do: 'act', act: { do: 'spin', rpm: 0 } }))).toBe(true);
  expect(deviceCommand.safeParse({ do: 'act', act: { do: 'move', axis: 'x', by: 1e9 } }).success).toBe(false);
});
