import fc from 'fast-check';
import { lessonById } from '../lessons/lessons';
import { BETWEENS, kneeMill, TRAY } from '../lessons/practiceShop';
import { readChuck, readJaw, readSweep, readSwing, type HiddenIndicator } from '../../../testing/closedForms/indicator';
import { simulatedDial } from '../../../testing/closedForms/dial';
import { touchFace, touchHeight } from '../../../testing/closedForms/touch';
import { act } from './reduceMill';
import { boxOf } from './box';
import { feel, nearest } from './contact';
import { metAt, tipMetAt } from './touchPoint';
import { hide, trueLength, trueRadius, trueThickness } from './hiddenTruth';
import { dialShows, pressedBy } from './indicator';
import { createMill, type Mill } from './mill';
import type { MillSpec } from './millSpec';

/** The mill is one model; what the calculations were proven with before are closed forms, and it agrees with each. */

const QUIET: HiddenIndicator = { sense: 1, step: 0, noise: () => 0 };

const seed = fc.integer({ min: 1, max: 1_000_000 });
const length = (min: number, max: number) => fc.double({ min, max, noNaN: true });

const standing = (
  spec: MillSpec,
  of: number,
  held: string,
  at: (mill: Mill) => { x: number; y: number; z: number },
): Mill => {
  const still = { ...spec, play: { x: 0, y: 0, z: 0 } };
  const mill = act(createMill(still, hide(still, of)), { do: 'hold', contact: held });
  const there = at(mill);
  return { ...mill, at: there, screw: there };
};

const specOf = (id: string): MillSpec => {
  const lesson = lessonById(id);
  if (!lesson) throw new Error(`no lesson ${id}`);
  return lesson.mill;
};

test('a face is met where half the contact and what lies between have it', () => {
  fc.assert(
    fc.property(seed, fc.constantFrom('left', 'right'), (of, side) => {
      const spec = kneeMill([TRAY.pin], [BETWEENS.feeler]);
      const low = side === 'left';
      const beside = standing(spec, of, 'pin-6', ({ hidden }) => ({
        x: hidden.corner.x + (low ? -9 : hidden.size.x + 9),
        y: hidden.corner.y + 20,
        z: hidden.top - 4 + 60,
      }));
      const mill = act(beside, { do: 'put', between: 'feeler-005' });
      const { hidden, held } = mill;
      if (!held) throw new Error('nothing is held');
      const radius = trueRadius(hidden, held) + trueThickness(hidden, BETWEENS.feeler, held);
      const face = { at: hidden.corner.x + (low ? 0 : hidden.size.x), approach: low ? 1 : -1, radius } as const;
      const met = touchFace(face, 0, 0);
      expect(nearest({ ...mill, at: { ...mill.at, x: met } })?.gap).toBeCloseTo(0, 9);
    }),
  );
});

test('a tool meets a block at the surface, the block and the tool’s length on top of each other', () => {
  fc.assert(
    fc.property(seed, (of) => {
      const spec = kneeMill([TRAY.cutter], [BETWEENS.block]);
      const over = standing(spec, of, 'end-mill-10', ({ hidden }) => ({
        x: hidden.corner.x + 30,
        y: hidden.corner.y + 20,
        z: hidden.top + 100,
      }));
      const mill = act(over, { do: 'put', between: 'block-10' });
      const { hidden } = mill;
      const z = touchHeight({
        surface: hidden.top,
        gauge: trueThickness(hidden, BETWEENS.block),
        toolLength: trueLength(hidden, TRAY.cutter),
      });
      expect(nearest({ ...mill, at: { ...mill.at, z } })?.gap).toBeCloseTo(0, 9);
    }),
  );
});

test('an indicator swept in a bore differs from its first reading as the closed form has it', () => {
  fc.assert(
    fc.property(seed, length(-0.3, 0.3), length(-0.3, 0.3), length(0, 360), (of, x, y, angle) => {
      const mill = standing(specOf('sweep'), of, 'lever-indicator', ({ hidden }) => ({
        x: hidden.corner.x + (hidden.bore?.x ?? 0) + x,
        y: hidden.corner.y + (hidden.bore?.y ?? 0) + y,
        z: hidden.top - 4 + 95,
      }));
      const radius = (mill.hidden.bore?.diameter ?? 0) / 2;
      const form = (at: number) => readSweep({ x, y }, radius, 'bore', at, QUIET);
      const pressed = (turned: number) => pressedBy({ ...mill, turned }) ?? NaN;
      expect(pressed(angle) - pressed(0)).toBeCloseTo(form(angle) - form(0), 9);
    }),
  );
});

test('an indicator along a jaw, and at a part in a chuck, reads as the closed forms have it', () => {
  fc.assert(
    fc.property(seed, length(0, 120), (of, along) => {
      const start = standing(specOf('vise'), of, 'lever-indicator', ({ hidden }) => ({
        x: hidden.corner.x,
        y: hidden.corner.y + 0.5,
        z: hidden.top - 6 + 95,
      }));
      if (start.work?.kind !== 'vise') throw new Error('no vise');
      const there = { ...start, at: { ...start.at, x: start.at.x + along } };
      const rise = (pressedBy(there) ?? NaN) - (pressedBy(start) ?? NaN);
      expect(rise).toBeCloseTo(readJaw(Math.tan(start.work.turn), along, 'low', QUIET), 9);
    }),
  );
  fc.assert(
    fc.property(seed, fc.constantFrom(0, 90, 180, 270), (of, mark) => {
      const mill = standing(specOf('chuck'), of, 'lever-indicator', ({ hidden }) => ({
        x: hidden.corner.x + 20,
        y: hidden.corner.y + 0.5,
        z: hidden.top - 6 + 95,
      }));
      if (mill.work?.kind !== 'chuck') throw new Error('no chuck');
      const { off } = mill.work;
      const at = (turned: number) =>
        pressedBy({ ...mill, work: { ...mill.work, mark: turned } as Mill['work'] }) ?? NaN;
      // Of a flat face what stands out is what the form has of a very large round one.
      const form =
        readChuck({ x: off[0], y: off[1] }, 1e7, mark, QUIET) - readChuck({ x: off[0], y: off[1] }, 1e7, 0, QUIET);
      expect(at(mark) - at(0)).toBeCloseTo(form, 6);
    }),
  );
});

test('an indicator swung under a leaning head reads right and left as the closed form has it', () => {
  fc.assert(
    fc.property(seed, (of) => {
      const mill = standing(specOf('head'), of, 'lever-indicator', () => ({ x: 0, y: 0, z: 0 }));
      if (mill.work?.kind !== 'head') throw new Error('no head');
      const { lean } = mill.work;
      const at = (turned: number) => pressedBy({ ...mill, turned }) ?? NaN;
      const swung = (out: number) => readSwing(out, 200, 'high', QUIET) - readSwing(out, 200, 'low', QUIET);
      expect(at(0) - at(180)).toBeCloseTo(swung(lean.x), 9);
      expect(at(90) - at(270)).toBeCloseTo(swung(lean.y), 9);
    }),
  );
});

test('a table goes where the simulated handwheel has it, whatever is turned', () => {
  const dial = { perTurn: 3, lines: 120, countsUp: 'clockwise' } as const;
  fc.assert(
    fc.property(fc.array(fc.integer({ min: -200, max: 200 }), { minLength: 1, maxLength: 20 }), (moves) => {
      const spec = { ...kneeMill([]), play: { x: 0.2, y: 0, z: 0 } };
      const start = createMill(spec, hide(spec, 1));
      // Zeroed going toward plus, so that the play lies on that side.
      let mill: Mill = { ...start, screw: { ...start.screw, x: 0.1 } };
      const wheel = simulatedDial(dial, 0.2, 1);
      let lines = 0;
      for (const by of moves) {
        lines += by;
        mill = act(mill, { do: 'move', axis: 'x', by: (by * 3) / 120 });
        wheel.turn({
          way: by < 0 ? 'back' : 'forward',
          turns: Math.floor(Math.abs(by) / 120),
          line: ((lines % 120) + 120) % 120,
          lines: Math.abs(by),
        });
        expect(mill.at.x).toBeCloseTo(wheel.table(), 6);
      }
    }),
  );
});

test('a tilted table turns its face about its axis: right-handed by minus the command', () => {
  fc.assert(
    fc.property(seed, fc.constantFrom(-90, 0, 90), (of, command) => {
      const spec = specOf('tilt');
      const mill = createMill(spec, hide(spec, of));
      if (mill.work?.kind !== 'tilt') throw new Error('no table');
      const { axis, face } = mill.work;
      const box = boxOf({ ...mill, work: { ...mill.work, command } });
      const turn = (-command * Math.PI) / 180;
      // The middle of the face, turned as a part turns.
      const middle = { y: axis.y - face * Math.sin(turn), z: axis.z + face * Math.cos(turn) };
      if (command === 0) expect(box?.top).toBeCloseTo(middle.z, 9);
      const wall = command > 0 ? (box?.corner.y ?? NaN) + (box?.size.y ?? NaN) : box?.corner.y;
      if (command !== 0) expect(wall).toBeCloseTo(middle.y, 9);
    }),
  );
});

test('a dial reads in whole lines, and nothing off the metal or beyond its stop', () => {
  const mill = standing(specOf('vise'), 3, 'lever-indicator', ({ hidden }) => ({
    x: hidden.corner.x,
    y: hidden.corner.y - 1,
    z: hidden.top - 6 + 95,
  }));
  const to = (y: number) => dialShows({ ...mill, at: { ...mill.at, y: mill.at.y + y } });
  expect(to(0)).toBe('free');
  expect(to(3)).toBe('end');
  const shows = to(1.8);
  if (typeof shows !== 'object') throw new Error('the dial is dead');
  expect(shows.mm).toBeCloseTo(0, 1);
  expect(shows.mm / 0.002).toBeCloseTo(Math.round(shows.mm / 0.002), 6);
});

test('an indicator put on a head that turns is thrown, as one that was left on it is', () => {
  const spec = specOf('bore-to-size');
  const still = createMill(spec, hide(spec, 4));
  const turning = act(still, { do: 'spin', rpm: 100 });
  expect(act(turning, { do: 'indicator', on: true }).broken).toBe('thrown');
  expect(act(act(still, { do: 'indicator', on: true }), { do: 'spin', rpm: 100 }).broken).toBe('thrown');
  expect(act(act(turning, { do: 'spin', rpm: 0 }), { do: 'indicator', on: true }).broken).toBeUndefined();
});

test('stepped as finely as one likes, a side is found where the trials have it met, and a top too', () => {
  const STEP = 0.0005;
  fc.assert(
    fc.property(seed, fc.constantFrom('spring-finder-10', 'probe-4', 'lamp-finder-10'), (of, name) => {
      const spec = kneeMill([TRAY.springFinder, TRAY.probe, TRAY.lamp]);
      const beside = standing(spec, of, name, ({ hidden }) => ({
        x: hidden.corner.x - 5.2,
        y: hidden.corner.y + 20,
        z: hidden.top - 4 + 80,
      }));
      let mill = act({ ...beside, rpm: name === 'spring-finder-10' ? 1000 : 0 }, { do: 'move', axis: 'x', by: 0 });
      const { hidden, held: contact } = mill;
      if (!contact) throw new Error('nothing is held');
      const met = metAt(hidden, { contact, between: undefined, surface: 'left', arms: mill.arms }, hidden.corner.x, 1);
      const start = { x: met - 0.03, y: mill.at.y, z: hidden.top - 4 + contact.length };
      mill = { ...mill, at: start, screw: start };
      for (let i = 0; feel(mill) !== 'found' && i < 200; i += 1) mill = act(mill, { do: 'move', axis: 'x', by: STEP });
      expect(Math.abs(mill.at.x - met)).toBeLessThanOrEqual(STEP);
    }),
    { numRuns: 40 },
  );
  const spec = kneeMill([TRAY.cutter], [BETWEENS.setter]);
  const over = standing(spec, 11, 'end-mill-10', ({ hidden }) => ({ x: hidden.corner.x + 30, y: hidden.corner.y + 20, z: hidden.top + 140 })); // prettier-ignore
  let mill = act(over, { do: 'put', between: BETWEENS.setter.id });
  const { hidden, held: contact } = mill;
  if (!contact) throw new Error('nothing is held');
  const tip = tipMetAt(hidden, { contact, between: BETWEENS.setter, surface: 'top', arms: mill.arms }, hidden.top);
  const start = { ...mill.at, z: tip + 0.03 + trueLength(hidden, contact) };
  mill = { ...mill, at: start, screw: start };
  for (let i = 0; feel(mill) !== 'found' && i < 200; i += 1) mill = act(mill, { do: 'move', axis: 'z', by: -STEP });
  expect(Math.abs(mill.at.z - trueLength(hidden, contact) - tip)).toBeLessThanOrEqual(STEP);
});
