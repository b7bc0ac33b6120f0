import fc from 'fast-check';
import { runOutHeights, runOutLimit } from './runOutLimit';

test('the least of two hundredths, a fiftieth of the diameter, and half a chip', () => {
  expect(runOutLimit(10, 'brass')).toBe(0.02);
  expect(runOutLimit(4, 'brass')).toBe(0.012);
  expect(runOutLimit(4, 'mild-steel')).toBe(0.008);
  expect(runOutLimit(1)).toBe(0.002);
  expect(runOutLimit(0.3)).toBe(0.001);
});

test('a smaller tool is never allowed more', () => {
  const size = fc.double({ min: 0.2, max: 80, noNaN: true });
  fc.assert(
    fc.property(size, size, (a, b) =>
      expect(runOutLimit(Math.min(a, b))).toBeLessThanOrEqual(runOutLimit(Math.max(a, b))),
    ),
  );
});

test('heights follow the tool: its teeth, then twice on the shank', () => {
  expect(runOutHeights(10)).toEqual({ teeth: 5, shank: [40, 55] });
  expect(runOutHeights(3)).toEqual({ teeth: 1.5, shank: [20, 30] });
  fc.assert(
    fc.property(fc.double({ min: 0.2, max: 80, noNaN: true }), (diameter) => {
      const { teeth, shank } = runOutHeights(diameter);
      expect(teeth).toBeLessThan(shank[0]);
      expect(shank[1] - shank[0]).toBeGreaterThanOrEqual(10);
    }),
  );
});
