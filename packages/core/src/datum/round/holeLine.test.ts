import fc from 'fast-check';
import { rotate } from '../../geometry/rotate';
import { holeLine } from './holeLine';
import { oppositeFaces } from '../faces/oppositeFaces';
import { edge } from '../faces/edge';

const u = { x: 0.003, y: 0.003 };

describe('a line of two holes', () => {
  test('any part, anywhere, turned any way, comes back', () => {
    const place = fc.record({
      x: fc.double({ min: -900, max: 900, noNaN: true }),
      y: fc.double({ min: -900, max: 900, noNaN: true }),
    });
    fc.assert(
      fc.property(place, fc.double({ min: -179, max: 179, noNaN: true }), (zero, turn) => {
        const hole = (x: number, y: number) => {
          const turned = rotate({ x, y }, turn);
          return { found: { x: zero.x + turned.x, y: zero.y + turned.y }, nominal: { x, y }, u };
        };
        const result = holeLine({ from: hole(8, 8), to: hole(176, 108) });
        expect(result.skew).toBeCloseTo(turn, 8);
        expect(result.workOffset.x).toBeCloseTo(zero.x, 8);
        expect(result.workOffset.y).toBeCloseTo(zero.y, 8);
        expect(result.distance).toBeCloseTo(result.drawn, 9);
      }),
    );
  });

  test('holes far apart give the direction better, and zero far from the first hole is known worse', () => {
    const from = { found: { x: 8, y: 8 }, nominal: { x: 8, y: 8 }, u };
    const near = holeLine({ from, to: { found: { x: 28, y: 8 }, nominal: { x: 28, y: 8 }, u } });
    const far = holeLine({ from, to: { found: { x: 176, y: 8 }, nominal: { x: 176, y: 8 }, u } });
    expect(far.U.skew).toBeLessThan(near.U.skew / 5);
    expect(near.U.y).toBeGreaterThan(far.U.y);
  });

  test('two holes that are one are refused', () => {
    const from = { found: { x: 8, y: 8 }, nominal: { x: 8, y: 8 }, u };
    expect(() => holeLine({ from, to: from })).toThrow(/far apart/);
  });
});

describe('a dial’s backlash', () => {
  const told = {
    contact: { diameter: 10, feeler: 0, tir: 0, spin: 'standing' as const },
    method: { resolution: 0.025, methodSd: 0.006 },
    uTouch: 0.006,
    uSize: 0,
    lostMotion: { value: 0.18, U: 0.011 },
  };

  test('is added to a face touched going toward minus, and to none touched going toward plus', () => {
    const right = edge({ ...told, readings: [188.82], approach: -1, nominal: 184 });
    expect(right.edge).toBeCloseTo(184, 9);
    // While it still touches the dial must show less, so that it is right once it goes toward plus.
    expect(right.preset).toBeCloseTo(188.82, 9);
    expect([right.move, right.moveTo]).toEqual([-5, expect.closeTo(183.82, 9)]);
    const left = edge({ ...told, readings: [-5], approach: 1, nominal: 0 });
    expect([left.edge, left.moveTo]).toEqual([0, 0]);
  });

  test('is taken out of the middle and the width of two faces', () => {
    const result = oppositeFaces({
      ...told,
      first: { readings: [-5], approach: 1 },
      second: { readings: [188.82], approach: -1 },
      nominal: 92,
    });
    expect(result.centre).toBeCloseTo(92, 9);
    expect(result.width).toBeCloseTo(184, 9);
  });
});

describe('what cannot be two walls of a slot', () => {
  const told = {
    contact: { diameter: 4, feeler: 0, tir: 0, spin: 'standing' as const },
    method: { resolution: 0.001, methodSd: 0.003 },
    uTouch: 0.003,
    uSize: 0,
    nominal: 0,
  };

  test('a finder wider than the slot, and walls touched from outside, are refused by what to do', () => {
    const slot = { first: { readings: [4], approach: 1 as const }, second: { readings: [-4], approach: -1 as const } };
    expect(oppositeFaces({ ...told, ...slot, expected: { kind: 'slot', width: 12 } }).width).toBeCloseTo(12, 9);
    expect(() => oppositeFaces({ ...told, ...slot, expected: { kind: 'slot', width: 3.9 } })).toThrow(/smaller finder/);
    const outside = {
      first: { readings: [-4], approach: 1 as const },
      second: { readings: [4], approach: -1 as const },
    };
    expect(() => oppositeFaces({ ...told, ...outside, expected: { kind: 'slot', width: 12 } })).toThrow(/from inside/);
    expect(() => oppositeFaces({ ...told, ...slot, expected: { kind: 'web', width: 12 } })).toThrow(/from outside/);
  });
});
