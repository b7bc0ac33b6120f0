import fc from 'fast-check';
import { centreSweep } from './centreSweep';
import { chuckFlip } from './chuckFlip';
import { headTram } from './headTram';
import { jawLine } from './jawLine';
import type { JawLineInput } from './jawLine.schema';
import { level } from './level';
import { partSkew } from './partSkew';

const indicator = { resolution: 0.002, methodSd: 0.002, sense: 1 as const };
const small = fc.double({ min: -0.3, max: 0.3, noNaN: true });
const readings = fc.array(small, { minLength: 2, maxLength: 8 });

const jaw = (values: readonly number[], change: Partial<JawLineInput> = {}): JawLineInput => ({
  along: 'x',
  side: 'low',
  points: values.map((value, i) => ({ at: i * 20, readings: [value] })),
  indicator,
  over: 120,
  pivot: 0,
  loose: 120,
  allowed: 0.02,
  ...change,
});

describe('where the dial is set to zero does not matter', () => {
  test('along a jaw', () => {
    fc.assert(
      fc.property(readings, small, (values, zero) => {
        const moved = jawLine(jaw(values.map((value) => value + zero)));
        expect(moved.tap).toBeCloseTo(jawLine(jaw(values)).tap, 9);
      }),
    );
  });

  test('under a head, on a flat, in a chuck and round a bore', () => {
    fc.assert(
      fc.property(small, small, small, small, small, (a, b, c, d, zero) => {
        const at = (k: number) => ({
          lean: headTram({ plane: 'left-right', swing: 200, low: [a + k], high: [b + k], indicator, allowed: 0.02 })
            .lean,
          turn: level({ distance: 50, first: [a + k], second: [b + k], indicator, sense: 1, allowed: 0.02 }).turn,
          off: chuckFlip({
            pairs: [{ mark: 0, here: [a + k], flipped: [b + k] }],
            jaws: 'free',
            indicator,
            allowed: 0.02,
          }).error,
          move: centreSweep({
            feature: 'bore',
            points: [a, b, c, d].map((reading, i) => ({ angle: 90 * i, reading: reading + k })),
            indicator,
            allowed: 0.02,
          }).move.x,
        });
        const [here, there] = [at(0), at(zero)];
        for (const key of ['lean', 'turn', 'off', 'move'] as const) expect(there[key]).toBeCloseTo(here[key], 9);
      }),
    );
  });
});

describe('the other way round is the other sign', () => {
  test('of the side, of the sense, and back again with both', () => {
    fc.assert(
      fc.property(readings, (values) => {
        const tap = (side: 'low' | 'high', sense: 1 | -1) =>
          jawLine(jaw(values, { side, indicator: { ...indicator, sense } })).tap;
        expect(tap('high', 1)).toBeCloseTo(-tap('low', 1), 12);
        expect(tap('low', -1)).toBeCloseTo(-tap('low', 1), 12);
        expect(tap('high', -1)).toBeCloseTo(tap('low', 1), 12);
      }),
    );
  });

  test('a jaw read from its other end asks for the same tap', () => {
    fc.assert(
      fc.property(readings, (values) => {
        const input = jaw(values);
        const backward = jawLine({ ...input, points: [...input.points].reverse() });
        expect(backward.tap).toBeCloseTo(jawLine(input).tap, 9);
      }),
    );
  });

  test('tapping the other end about the other bolt turns the same way', () => {
    fc.assert(
      fc.property(readings, (values) => {
        const right = jawLine(jaw(values));
        const left = jawLine(jaw(values, { pivot: 120, loose: 0 }));
        expect(left.tap).toBeCloseTo(-right.tap, 9);
        expect(left.angle).toBeCloseTo(right.angle, 12);
      }),
    );
  });
});

describe('doing as told leaves nothing', () => {
  test('a jaw tapped by just that reads the same all along', () => {
    fc.assert(
      fc.property(fc.double({ min: -0.003, max: 0.003, noNaN: true }), (slope) => {
        const before = jawLine(jaw([0, 1, 2, 3].map((i) => i * 20 * slope)));
        // On the near side the dial falls where the jaw is pushed back: by as much as it moves there.
        const after = jawLine(jaw([0, 1, 2, 3].map((i) => i * 20 * slope - (before.tap * i * 20) / 120)));
        expect(after.error).toBeCloseTo(0, 9);
      }),
    );
  });

  test('a part tapped straight has no skew left', () => {
    fc.assert(
      fc.property(fc.double({ min: -0.02, max: 0.02, noNaN: true }), (slope) => {
        const part = (rise: number) =>
          partSkew({
            along: 'x',
            approach: 1,
            points: [10, 90, 170].map((at) => ({ at, readings: [rise * at] })),
            method: indicator,
            over: 184,
            pivot: 0,
            loose: 184,
            allowed: 0.02,
          });
        const { tap, angle } = part(slope);
        expect(part(slope + tap / 184).angle).toBeCloseTo(0, 9);
        expect(Math.sign(angle)).toBe(Math.sign(slope) + 0);
      }),
    );
  });
});

describe('more readings make it surer', () => {
  test('of a jaw at the same places, never less sure', () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 20 }), (n) => {
        const U = (count: number) =>
          jawLine({
            ...jaw([]),
            points: Array.from({ length: count }, (_, i) => ({ at: (i * 120) / (count - 1), readings: [0] })),
          }).uncertainty.U;
        expect(U(2 * n)).toBeLessThan(U(n) + 1e-12);
      }),
    );
  });

  test('of a sweep, never less sure', () => {
    const U = (count: number) =>
      centreSweep({
        feature: 'bore',
        points: Array.from({ length: count }, (_, i) => ({ angle: (i * 360) / count, reading: 0 })),
        indicator,
        allowed: 0.02,
      }).uncertainty.U;
    expect([3, 4, 8, 16, 64].map(U)).toEqual([3, 4, 8, 16, 64].map(U).sort((a, b) => b - a));
  });
});
