import fc from 'fast-check';
import { feedFigure, speedFrom, speedIn, speedUnit } from './cuttingFigures';

test('a feed of 254 mm/min is 10.0 in/min at an inch bench', () => {
  expect(feedFigure(254, 'mm')).toEqual({ figure: '254', unit: 'mm/min' });
  expect(feedFigure(254, 'in')).toEqual({ figure: '10.0', unit: 'in/min' });
});

test('30.48 m/min is 100 ft/min, and back', () => {
  expect(speedIn(30.48, 'in')).toBeCloseTo(100, 9);
  expect(speedIn(30.48, 'mm')).toBe(30.48);
  expect([speedUnit('mm'), speedUnit('in')]).toEqual(['m/min', 'ft/min']);
  fc.assert(
    fc.property(fc.double({ min: 0.1, max: 2000, noNaN: true }), fc.constantFrom('mm', 'in'), (speed, unit) =>
      expect(speedFrom(speedIn(speed, unit), unit)).toBeCloseTo(speed, 9),
    ),
  );
});
