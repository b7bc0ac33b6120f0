import fc from 'fast-check';
import { INCH } from '../units/unit';
import { turnLength } from './turnLength';

test.each([
  ['1 3/8 in', 34.925, { whole: 1, over: 3, under: 8 }, 0],
  ['12.7', 12.7, { whole: 0, over: 1, under: 2 }, 0],
  ['-1/4"', -6.35, { whole: 0, over: -1, under: 4 }, 0],
  ['25.4', 25.4, { whole: 1, over: 0, under: 1 }, 0],
  ['10', 10, { whole: 0, over: 25, under: 64 }, 10 - (25 * INCH) / 64],
] as const)('%s', (text, mm, fraction, left) => {
  const answer = turnLength({ text, unit: 'mm' });
  expect(answer.mm).toBeCloseTo(mm, 12);
  expect(answer.inches).toBeCloseTo(mm / 25.4, 12);
  expect(answer.fraction).toEqual(fraction);
  expect(answer.left).toBeCloseTo(left, 12);
});

test('a bare number is in the unit of the field', () => {
  expect(turnLength({ text: '0.5', unit: 'in' }).mm).toBe(12.7);
});

test('what is no length is refused with the reason', () => {
  expect(() => turnLength({ text: '1,234.5', unit: 'mm' })).toThrow(/Two decimal marks/);
});

test('fraction and left over make up the length, and the fraction is never off by more than half a 64th', () => {
  fc.assert(
    fc.property(fc.double({ min: -1000, max: 1000, noNaN: true }), (mm) => {
      const { fraction, left } = turnLength({ text: mm.toFixed(6), unit: 'mm' });
      const told = fraction.whole * INCH + (fraction.over / fraction.under) * INCH + left;
      return Math.abs(told - Number(mm.toFixed(6))) < 1e-9 && Math.abs(left) <= INCH / 128 + 1e-9;
    }),
  );
});
