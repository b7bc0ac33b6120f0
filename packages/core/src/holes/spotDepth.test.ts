import fc from 'fast-check';
import { spotDepth, USUAL_BREAK } from './spotDepth';

test('a 4.2 hole with a break of 0.15 by a 90° spot drill goes 2.250 deep', () => {
  expect(spotDepth(4.2).depth).toBeCloseTo(2.25, 12);
  expect(spotDepth(4.2)).toMatchObject({ capped: false });
});

test('a spot drill smaller than the hole stops at its own cone, and it is said', () => {
  expect(spotDepth(10, { spot: 6 })).toEqual({ depth: expect.closeTo(3, 12) as number, capped: true });
  expect(spotDepth(4.2, { spot: 6 }).capped).toBe(false);
});

test('a shallow hole is never spotted deeper than it is', () => {
  expect(spotDepth(4.2, { spot: 6, most: 1 }).depth).toBe(1);
});

test('a blunter point goes less deep for the same break', () => {
  expect(spotDepth(5, { angle: 120 }).depth).toBeCloseTo((2.5 + USUAL_BREAK) / Math.sqrt(3), 12);
});

test('at that depth the cone is as wide as the hole and its break', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.5, max: 30, noNaN: true }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      fc.double({ min: 60, max: 140, noNaN: true }),
      (hole, edge, angle) => {
        const { depth } = spotDepth(hole, { edge, angle });
        expect(2 * depth * Math.tan((angle * Math.PI) / 360)).toBeCloseTo(hole + 2 * edge, 9);
      },
    ),
  );
});
