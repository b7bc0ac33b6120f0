import fc from 'fast-check';
import { formatLengthUnit } from './formatLength';
import { formatSmall } from './formatSmall';

test('a step that a setup in inches would show as nothing is shown with the decimals it needs', () => {
  expect(formatSmall(0.001, { unit: 'in' })).toBe('0.00004 in');
  expect(formatSmall(0.0004, { unit: 'mm' })).toBe('0.0004 mm');
  expect(formatSmall(0.00003, { unit: 'mm' })).toBe('0.00003 mm');
  // Less than a ten-millionth of a metre is nothing, to anybody at a mill.
  expect(formatSmall(0.000001, { unit: 'mm' })).toBe('0.00000 mm');
  expect(formatSmall(0, { unit: 'in' })).toBe('0.0000 in');
});

test('what shows is shown as any length', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.0013, max: 500, noNaN: true }),
      fc.constantFrom('mm' as const, 'in' as const),
      (mm, unit) => {
        expect(formatSmall(mm, { unit })).toBe(formatLengthUnit(mm, { unit }));
      },
    ),
  );
});
