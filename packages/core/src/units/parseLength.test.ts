import fc from 'fast-check';
import { formatLength, formatLengthUnit } from './formatLength';
import { parseLength, type LengthProblem } from './parseLength';
import type { LengthUnit } from './unit';

const mm = (text: string, unit: LengthUnit = 'mm') => {
  const read = parseLength(text, unit);
  if (!read.ok) throw new Error(`${text}: ${read.message}`);
  return read.mm;
};

describe('a length as typed in the shop', () => {
  test.each<[string, LengthUnit, number]>([
    ['12.7', 'mm', 12.7],
    ['-.5', 'mm', -0.5],
    ['−5.000', 'mm', -5],
    ['1/2', 'in', 12.7],
    ['1 3/8', 'in', 34.925],
    ['-1 3/8', 'in', -34.925],
    ['0.5in', 'mm', 12.7],
    ['1/2"', 'mm', 12.7],
    ['12.7 mm', 'in', 12.7],
    ['5 thou', 'mm', 0.127],
    ['2 tenths', 'mm', 0.00508],
    ['20um', 'mm', 0.02],
    ['20 µm', 'in', 0.02],
    ['12,7', 'mm', 12.7],
    ['1/2 + 0.002', 'in', 12.7508],
    ['25.4/2', 'mm', 12.7],
    ['10.02/2 + 0.05', 'mm', 5.06],
    ['1in - 0.4mm', 'mm', 25],
    ['+3', 'mm', 3],
    [' 7 ', 'mm', 7],
  ])('%s in a field of %s', (text, unit, expected) => {
    expect(mm(text, unit)).toBeCloseTo(expected, 12);
  });

  test.each<[string, LengthProblem, number]>([
    ['', 'empty', 0],
    ['   ', 'empty', 0],
    ['1,234.5', 'ambiguous', 5],
    ['1.2.3', 'ambiguous', 3],
    ['1e9', 'not-a-length', 1],
    ['1000000000', 'too-large', 0],
    ['12 13', 'not-a-length', 3],
    ['5 +', 'not-a-length', 3],
    ['--5', 'not-a-length', 1],
    ['5 furlongs', 'not-a-length', 2],
    ['5 constructor', 'not-a-length', 2],
    ['1/0', 'divide-by-zero', 2],
    ['1/2/3', 'ambiguous', 3],
    ['1/2 + 0.002 in', 'ambiguous', 12],
    ['1in + 2', 'ambiguous', 7],
    ['(5)', 'not-a-length', 0],
    ['9'.repeat(81), 'too-long', 80],
  ])('refuses %j as %s at place %i', (text, code, at) => {
    const read = parseLength(text, 'mm');
    expect(read).toMatchObject({ ok: false, code, at });
    expect(!read.ok && read.message).toMatch(/\.$/);
  });

  test('no input crashes, and what is taken is finite and within ten metres', () => {
    const shopText = fc.string({ unit: fc.constantFrom(...'0123456789.,+-−/ "imnthouesµx'), maxLength: 24 });
    fc.assert(
      fc.property(fc.oneof(fc.string(), shopText), fc.constantFrom<LengthUnit>('mm', 'in'), (text, unit) => {
        const read = parseLength(text, unit);
        if (read.ok) expect(Math.abs(read.mm)).toBeLessThanOrEqual(10_000);
        else expect(read.at).toBeLessThanOrEqual(text.length);
      }),
      { numRuns: 5000 },
    );
  });

  test('what is shown can be typed back and is shown the same', () => {
    const length = fc.double({ min: -9999, max: 9999, noNaN: true });
    fc.assert(
      fc.property(length, fc.constantFrom<LengthUnit>('mm', 'in'), fc.boolean(), (value, unit, plus) => {
        const shown = formatLength(value, { unit, plus });
        expect(formatLength(mm(shown, unit), { unit, plus })).toBe(shown);
        const withUnit = formatLengthUnit(value, { unit });
        expect(formatLengthUnit(mm(withUnit, unit === 'mm' ? 'in' : 'mm'), { unit })).toBe(withUnit);
      }),
      { numRuns: 5000 },
    );
  });
});

describe('as people in a shop write it', () => {
  test.each([
    ['½', 12.7],
    ['1 ½', 38.1],
    ['1½', 38.1],
    ['¾ + 0.010', 19.304],
    ["5''", 127],
    ['5″', 127],
    ['5in.', 127],
    ['5 mil', 0.127],
    ['5 mils', 0.127],
    ['1 - 3/8', 15.875],
    ['1 3/8 - 1/16', 33.3375],
  ])('%s, in inches', (text, mm) => {
    const read = parseLength(text, 'in');
    expect(read.ok && read.mm).toBeCloseTo(mm, 9);
  });

  test.each([
    ['1-3/8', 1, /Type 1 3\/8 for the mixed fraction, or 1 - 3\/8/],
    ['2 + 1-3/8', 5, /Type 1 3\/8/],
    ['1,234', 1, /Type 1\.234 or 1234/],
    ['1 3.5/8', 0, /A decimal inside a fraction/],
    ['1 3/8.5', 0, /A decimal inside a fraction/],
    ['1.5 3/8', 0, /A decimal inside a fraction/],
  ])('%s can be read in two ways', (text, at, message) => {
    expect(parseLength(text, 'in')).toMatchObject({ ok: false, code: 'ambiguous', at });
    const read = parseLength(text, 'in');
    expect(read.ok ? '' : read.message).toMatch(message);
  });

  test('a comma before one, two or four figures is a decimal mark; a division of decimals a division', () => {
    expect(parseLength('12,7', 'mm')).toEqual({ ok: true, mm: 12.7 });
    expect(parseLength('12,4256', 'mm')).toEqual({ ok: true, mm: 12.4256 });
    const half = parseLength('10.02/2 + 0.05', 'mm');
    expect(half.ok && half.mm).toBeCloseTo(5.06, 12);
  });
});

test.each([
  ['figures', '1'.repeat(1_000_000)],
  ['blanks behind a figure', `1${' '.repeat(1_000_000)}x`],
  ['turns', `5t${' '.repeat(1_000_000)}x`],
  ['fractions', '1 '.repeat(500_000)],
])('a million %s are refused before any pattern looks at them', (_, text) => {
  const dial = { perTurn: 3, lines: 120, countsUp: 'clockwise' as const };
  expect(parseLength(text, 'mm', dial)).toMatchObject({ ok: false, code: 'too-long' });
});
