import fc from 'fast-check';
import { centreByRadius, chordsOf, radiusMismatch, type Arc } from './motion/arc';
import { lowestWithin, type Pillar } from './motion/segmentClip';

const finite = (most: number) => fc.double({ min: -most, max: most, noNaN: true });

describe('arcs', () => {
  test('a plus radius goes the short way round, a minus one the long way', () => {
    const [from, to] = [
      { u: 10, v: 0 },
      { u: 0, v: 10 },
    ];
    const centre = (radius: number, clockwise: boolean) => {
      const found = centreByRadius(from, to, radius, clockwise);
      return [found?.u, found?.v].map((value) => Math.round(value ?? NaN) + 0);
    };
    expect(centre(10, false)).toEqual([0, 0]);
    expect(centre(10, true)).toEqual([10, 10]);
    expect(centre(-10, false)).toEqual([10, 10]);
  });

  test('no radius reaches ends that are further apart than two of it, and none makes a full turn', () => {
    expect(centreByRadius({ u: 0, v: 0 }, { u: 30, v: 0 }, 10, false)).toBeUndefined();
    expect(centreByRadius({ u: 0, v: 0 }, { u: 0, v: 0 }, 10, false)).toBeUndefined();
  });

  const arc = (clockwise: boolean, to = { u: 0, v: 10, w: 0 }): Arc => ({
    from: { u: 10, v: 0, w: 0 },
    to,
    centre: { u: 0, v: 0 },
    clockwise,
  });

  test('a quarter one way is three quarters the other', () => {
    const turned = (chords: readonly { u: number; v: number }[]) =>
      [{ u: 10, v: 0 }, ...chords].reduce(
        (sum, { u, v }, i, all) => sum + (i === 0 ? 0 : Math.hypot(u - (all[i - 1]?.u ?? 0), v - (all[i - 1]?.v ?? 0))),
        0,
      );
    expect(turned(chordsOf(arc(false)))).toBeCloseTo(5 * Math.PI, 1);
    expect(turned(chordsOf(arc(true)))).toBeCloseTo(15 * Math.PI, 1);
  });

  test('ends at one place make a full turn; a helix climbs evenly to its end', () => {
    const helix = chordsOf({ ...arc(false, { u: 10, v: 0, w: -4 }) });
    expect(helix.at(-1)).toEqual({ u: 10, v: 0, w: -4 });
    const half = helix[Math.floor(helix.length / 2) - 1];
    expect(half?.w ?? 0).toBeCloseTo(-2, 0);
    expect(Math.min(...helix.map(({ u }) => u))).toBeLessThan(-9.9);
  });

  test('chords stay within a hundredth of their arc, whatever its size', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 400, noNaN: true }), fc.boolean(), (r, clockwise) => {
        const chords = chordsOf({
          from: { u: r, v: 0, w: 0 },
          to: { u: -r, v: 0, w: 0 },
          centre: { u: 0, v: 0 },
          clockwise,
        });
        [{ u: r, v: 0 }, ...chords].forEach(({ u, v }, i, all) => {
          const next = all[i + 1];
          if (next) expect(r - Math.hypot((u + next.u) / 2, (v + next.v) / 2)).toBeLessThan(0.0101);
        });
      }),
    );
  });

  test('radii that differ are told', () => {
    expect(radiusMismatch({ ...arc(false), to: { u: 0, v: 11, w: 0 } })).toBeCloseTo(1, 9);
  });
});

describe('a stretch against what it must keep off', () => {
  const pillar: Pillar = { x0: 0, x1: 10, y0: 0, y1: 10, top: 5 };
  const stretch = (from: readonly number[], to: readonly number[]) => ({
    x0: from[0] ?? NaN,
    y0: from[1] ?? NaN,
    z0: from[2] ?? NaN,
    x1: to[0] ?? NaN,
    y1: to[1] ?? NaN,
    z1: to[2] ?? NaN,
  });

  test.each([
    ['over it, higher than its top', [-5, 5, 6], [15, 5, 6], undefined],
    ['through it', [-5, 5, 2], [15, 5, 2], 2],
    ['beside it', [-5, 12, 2], [15, 12, 2], undefined],
    ['down into it', [5, 5, 20], [5, 5, -3], -3],
    ['slanting in: lowest where it leaves', [-10, 5, 5], [10, 5, -5], -5],
    ['across its corner', [-2, 5, 1], [5, -2, 1], 1],
    ['past its corner', [-4, 3, 1], [3, -4, 1], undefined],
    ['from where nobody knows', [NaN, NaN, NaN], [5, 5, 1], 1],
  ])('%s', (_name, from, to, lowest) => {
    const found = lowestWithin(stretch(from, to), pillar);
    if (lowest === undefined) expect(found).toBeUndefined();
    else expect(found).toBeCloseTo(lowest, 9);
  });

  test('never says out where a place on the way is in, nor lower than the stretch goes', () => {
    fc.assert(
      fc.property(fc.array(finite(20), { minLength: 6, maxLength: 6 }), (p) => {
        const way = stretch(p.slice(0, 3), p.slice(3));
        const found = lowestWithin(way, pillar);
        for (let i = 0; i <= 20; i += 1) {
          const at = (a: number, b: number) => a + ((b - a) * i) / 20;
          const [x, y, z] = [at(way.x0, way.x1), at(way.y0, way.y1), at(way.z0, way.z1)];
          const isIn = x > 1e-6 && x < 10 - 1e-6 && y > 1e-6 && y < 10 - 1e-6 && z < 5 - 1e-6;
          if (isIn) expect(found ?? Infinity).toBeLessThanOrEqual(z + 1e-6);
        }
        if (found !== undefined) expect(found).toBeGreaterThanOrEqual(Math.min(way.z0, way.z1) - 1e-9);
      }),
    );
  });
});
