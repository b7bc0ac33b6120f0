import fc from 'fast-check';
import { coarsePitch, reamAllowance, tapDrill, wantedSize } from './holeSizes';

describe('a drill is as big as what comes after it wants', () => {
  test.each([
    [4.2, ['spot', 'drill'], undefined, 4.2],
    [3, ['drill', 'ream'], undefined, 2.9],
    [10, ['drill', 'ream'], undefined, 9.8],
    [20, ['drill', 'ream'], undefined, 19.7],
    [40, ['drill', 'ream'], undefined, 39.5],
    [3, ['drill', 'tap'], 0.5, 2.5],
    [8, ['drill', 'tap'], 1.25, 6.75],
    [26, ['drill', 'bore'], undefined, 25.5],
  ] as const)('⌀ %s, %j, pitch %s: %s', (diameter, steps, pitch, aim) => {
    expect(wantedSize('drill', { diameter, steps, pitch })?.aim).toBeCloseTo(aim, 9);
  });

  test('a thread whose pitch nobody said has no drill', () => {
    expect(wantedSize('drill', { diameter: 3, steps: ['drill', 'tap'] })).toBeUndefined();
  });

  test('a 6.8 drill does before M8, a 6.5 does not', () => {
    const wanted = wantedSize('drill', { diameter: 8, steps: ['drill', 'tap'], pitch: 1.25 });
    expect(wanted && 6.8 >= wanted.least && 6.8 <= wanted.most).toBe(true);
    expect(wanted && 6.5 >= wanted.least).toBe(false);
  });
});

test('reamers and taps are of the hole’s own size, a boring bar goes in with room', () => {
  const hole = { diameter: 6, steps: ['drill', 'ream'] } as const;
  expect(wantedSize('ream', hole)?.aim).toBe(6);
  expect(wantedSize('tap', { ...hole, steps: ['drill', 'tap'], pitch: 1 })?.aim).toBe(6);
  expect(wantedSize('bore', { diameter: 26, steps: ['drill', 'bore'] })?.most).toBe(25.5);
  expect(wantedSize('spot', hole)).toBeUndefined();
});

test('a drill before anything is smaller than the hole, and leaves something to take', () => {
  fc.assert(
    fc.property(fc.double({ min: 1, max: 60, noNaN: true }), fc.constantFrom('ream', 'bore'), (diameter, after) => {
      const wanted = wantedSize('drill', { diameter, steps: ['drill', after] });
      expect(wanted?.most).toBeLessThan(diameter);
      expect(wanted?.aim).toBeLessThanOrEqual(wanted?.most ?? 0);
    }),
  );
});

test('the coarse pitch of a size, where the series has one', () => {
  expect([3, 6, 8, 12].map(coarsePitch)).toEqual([0.5, 1, 1.25, 1.75]);
  expect(coarsePitch(3.2)).toBeUndefined();
  expect(tapDrill(6, 1)).toBe(5);
  expect([5, 5.1, 15, 30, 31].map(reamAllowance)).toEqual([0.1, 0.2, 0.2, 0.3, 0.5]);
});
