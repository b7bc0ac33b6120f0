import fc from 'fast-check';
import { parseLength } from './parseLength';
import { dialSetting, dialTravel } from './dial';

const dial = { perTurn: 3, lines: 120 };

describe('a coordinate on a handwheel', () => {
  test.each([
    [62, { turns: 20, line: 80, left: 0 }],
    [47.33, { turns: 15, line: 93, left: 0.005 }],
    [-5, { turns: -2, line: 40, left: 0 }],
    [0, { turns: 0, line: 0, left: 0 }],
    [2.99, { turns: 1, line: 0, left: -0.01 }],
  ])('%s', (coordinate, { turns, line, left }) => {
    const found = dialSetting(coordinate, dial);
    expect([found.turns, found.line]).toEqual([turns, line]);
    expect(found.left).toBeCloseTo(left, 9);
  });

  test('turns, lines and what is left over always make the coordinate, and no more than half a line is left', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -500, max: 500, noNaN: true }),
        fc.constantFrom(dial, { perTurn: 2.54, lines: 100 }, { perTurn: 4, lines: 80 }),
        (coordinate, one) => {
          const { turns, line, left } = dialSetting(coordinate, one);
          expect((turns + line / one.lines) * one.perTurn + left).toBeCloseTo(coordinate, 9);
          expect(Math.abs(left)).toBeLessThanOrEqual(one.perTurn / one.lines / 2 + 1e-9);
          expect(line).toBeGreaterThanOrEqual(0);
          expect(line).toBeLessThan(one.lines);
          const way = dialTravel(coordinate, one);
          expect(way.sense * (way.turns + way.line / one.lines) * one.perTurn + way.left).toBeCloseTo(coordinate, 9);
        },
      ),
    );
  });
});

describe('turns and lines as they are typed', () => {
  test.each([
    ['20t 80', 62],
    ['20 turns 80 lines', 62],
    ['-2t 40', -7],
    ['1 turn', 3],
    ['4t 13.5', 12.3375],
    ['−1 t 20 l', -3.5],
  ])('%s', (text, mm) => {
    const read = parseLength(text, 'mm', dial);
    expect(read.ok && read.mm).toBeCloseTo(mm, 9);
  });

  test('a line the dial has not is refused with its place; without a dial turns are no length', () => {
    expect(parseLength('3t 120', 'mm', dial)).toMatchObject({ ok: false, at: 3 });
    expect(parseLength('3t 12', 'mm')).toMatchObject({ ok: false });
    expect(parseLength('12.5', 'mm', dial)).toEqual({ ok: true, mm: 12.5 });
  });
});
