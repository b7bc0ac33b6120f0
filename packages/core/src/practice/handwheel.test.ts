import fc from 'fast-check';
import { lineAt, turnBetween, turnedTo, WHEEL, wheelOf, type Held } from './handwheel';

const at = (degrees: number, r = 50) => {
  const angle = (degrees * Math.PI) / 180;
  return { x: r * Math.cos(angle), y: r * Math.sin(angle) };
};

test('clockwise as seen is plus: from the top to the right is a quarter turn', () => {
  expect(turnBetween({ x: 0, y: -1 }, { x: 1, y: 0 })).toBeCloseTo(Math.PI / 2, 12);
  expect(turnBetween({ x: 0, y: -1 }, { x: -1, y: 0 })).toBeCloseTo(-Math.PI / 2, 12);
});

test('once round is one turn of the screw, however many pieces the hand makes of it, and whichever way', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 5, max: 300 }),
      fc.constantFrom(1, -1),
      fc.constantFrom(0.005, 0.025),
      fc.constantFrom(2, 2.54, 3, 5.08),
      (pieces, way, step, perTurn) => {
        let held: Held = { grip: at(17), rest: 0 };
        let gone = 0;
        for (let i = 1; i <= pieces; i += 1) {
          const next = turnedTo(held, at(17 + (way * 360 * i) / pieces), step, perTurn);
          held = next.held;
          gone += next.by;
          expect(Math.abs(next.by / step - Math.round(next.by / step))).toBeLessThan(1e-9);
        }
        expect(gone + held.rest).toBeCloseTo(way * perTurn, 9);
        expect(Math.abs(held.rest)).toBeLessThan(step);
      },
    ),
  );
});

test('less than a step waits, and is not lost', () => {
  const first = turnedTo({ grip: at(0), rest: 0 }, at(2), 0.025);
  expect(first.by).toBe(0);
  expect(turnedTo(first.held, at(4), 0.025).by).toBeCloseTo(0.025, 12);
});

test('a collar goes round: its line is between nothing and all of them', () => {
  expect(lineAt(0)).toBe(0);
  expect(lineAt(1.5)).toBeCloseTo(WHEEL.lines / 2, 9);
  expect(lineAt(-0.025)).toBeCloseTo(WHEEL.lines - 1, 9);
  expect(lineAt(7 * WHEEL.perTurn + 0.05)).toBeCloseTo(2, 9);
});

test('a machine may have other wheels, an axis at a time', () => {
  const inch = { perTurn: 2.54, lines: 100 };
  expect(wheelOf({ wheels: { x: inch } }, 'x')).toBe(inch);
  expect([wheelOf({ wheels: { x: inch } }, 'y'), wheelOf({}, 'z')]).toEqual([WHEEL, WHEEL]);
  expect(lineAt(0.0254, inch)).toBeCloseTo(1, 9);
  expect(lineAt(-2.54 - 0.0508, inch)).toBeCloseTo(98, 9);
});
