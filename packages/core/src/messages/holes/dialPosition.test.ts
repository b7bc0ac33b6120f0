import fc from 'fast-check';
import { dialPosition, dialPositionWords } from './dialPosition';

const DIAL = { perTurn: 3, lines: 120 };

test.each([
  [-500, '4 turns 20 lines before zero', 100],
  [2480, '20 turns 80 lines past zero', 80],
  [-40, '40 lines before zero', 80],
  [-120, '1 turn before zero', 0],
  [1, '1 line past zero', 1],
  [0, 'zero itself', 0],
])('%s lines: %s', (lines, far, line) => {
  expect(dialPosition(lines, DIAL)).toEqual({ far, line });
  expect(dialPositionWords(lines, DIAL)).toBe(`line ${line}, ${far}`);
});

test('turns and lines as they are told lead back to the place, and no minus is ever told', () => {
  fc.assert(
    fc.property(fc.integer({ min: -50_000, max: 50_000 }), fc.integer({ min: 2, max: 1000 }), (lines, each) => {
      const { far, line } = dialPosition(lines, { lines: each });
      expect(far).not.toMatch(/[-−]/);
      const part = (name: string) => Number(new RegExp(`(\\d+) ${name}`).exec(far)?.[1] ?? 0);
      const told = part('turn') * each + part('line');
      expect(far.includes('before') ? -told : told).toBe(lines);
      // The index shows the same line as a wheel turned so far: backwards the lines count down from the top.
      expect((((lines - line) % each) + each) % each).toBe(0);
    }),
  );
});
