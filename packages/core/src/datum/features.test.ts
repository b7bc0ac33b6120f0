import { DEGREES } from '../units/degrees';
import fc from 'fast-check';
import { circle } from './round/circle';
import { corner } from './faces/corner';
import { oppositeFaces } from './faces/oppositeFaces';

const ball4 = {
  contact: { diameter: 4, feeler: 0, tir: 0, spin: 'standing' as const },
  method: { resolution: 0.001, methodSd: 0.003 },
  uTouch: 0.003,
  uSize: 0,
  tolerance: 0.05,
};
const spring10 = { ...ball4, contact: { ...ball4.contact, diameter: 10, spin: 'turning' as const } };

describe('the middle of two faces', () => {
  const web = {
    ...spring10,
    first: { readings: [-5.01], approach: 1 as const },
    second: { readings: [189.02], approach: -1 as const },
    nominal: 92,
  };

  test('a plate of 184 touched left and right', () => {
    const result = oppositeFaces(web);
    expect(result.kind).toBe('web');
    expect(result.centre).toBeCloseTo(92.005, 12);
    expect(result.width).toBeCloseTo(184.03, 12);
    expect(result.workOffset).toBeCloseTo(0.005, 12);
    expect(result.halfway).toBeCloseTo(97.015, 12);
  });

  test('a slot is touched going outward, and the contact adds to its width', () => {
    const slot = oppositeFaces({
      ...ball4,
      first: { readings: [-3.01], approach: -1 },
      second: { readings: [2.99], approach: 1 },
      nominal: 0,
    });
    expect(slot.kind).toBe('slot');
    expect(slot.centre).toBeCloseTo(-0.01, 12);
    expect(slot.width).toBeCloseTo(10, 12);
  });

  test('the middle does not know the contact’s size, the width does', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.5, max: 20, noNaN: true }), (diameter) => {
        const other = oppositeFaces({ ...web, contact: { ...web.contact, diameter } });
        expect(other.centre).toBeCloseTo(92.005, 12);
        expect(other.width).toBeCloseTo(194.03 - diameter, 9);
      }),
    );
  });

  test('the middle is better known than one face, the width worse', () => {
    const { uncertainty, widthUncertainty } = oppositeFaces(web);
    expect(widthUncertainty.U).toBeCloseTo(2 * uncertainty.U, 9);
  });

  test('both faces from one side, or a contact wider than what is between, are refused', () => {
    expect(() => oppositeFaces({ ...web, second: { ...web.second, approach: 1 } })).toThrow(/other side/);
    expect(() => oppositeFaces({ ...web, second: { readings: [4], approach: -1 } })).toThrow(/no part between/);
  });
});

describe('a corner', () => {
  const skewed = {
    ...ball4,
    alongX: {
      touches: [
        { x: 15, y: -3.8121 },
        { x: 155, y: -2.9568 },
      ],
      approach: 1 as const,
    },
    alongY: { touches: [{ x: 1.0833, y: 20 }], approach: 1 as const },
    nominal: { x: 0, y: 0 },
  };

  test('of a part that lies turned, taken as square', () => {
    const result = corner(skewed);
    expect(result.skew).toBeCloseTo(0.35, 3);
    expect(result.corner.x).toBeCloseTo(3.217, 4);
    expect(result.corner.y).toBeCloseTo(-1.884, 4);
    expect(result.offSquare).toBeNull();
  });

  test('with its second face touched twice says how far it is from square', () => {
    const result = corner({
      ...skewed,
      alongY: {
        touches: [
          { x: 1.0833, y: 20 },
          { x: 0.4724, y: 110 },
        ],
        approach: 1,
      },
    });
    expect(result.offSquare).toBeCloseTo(Math.atan2(1.0833 - 0.4724, 90) * DEGREES - result.skew, 6);
  });

  test('any part, any turn, any of its four corners comes back where it was', () => {
    fc.assert(
      fc.property(
        fc.record({
          x: fc.double({ min: -900, max: 900, noNaN: true }),
          y: fc.double({ min: -900, max: 900, noNaN: true }),
          turn: fc.double({ min: -8, max: 8, noNaN: true }),
          signX: fc.constantFrom(1 as const, -1 as const),
          signY: fc.constantFrom(1 as const, -1 as const),
          diameter: fc.double({ min: 0, max: 20, noNaN: true }),
        }),
        ({ x, y, turn, signX, signY, diameter }) => {
          const t = (turn * Math.PI) / 180;
          const [c, s] = [Math.cos(t), Math.sin(t)];
          const r = diameter / 2;
          // Along the faces away from the corner, and a contact radius outside of them.
          const at = (u: number, v: number) => ({ x: x + u * c - v * s, y: y + u * s + v * c });
          const found = corner({
            ...ball4,
            contact: { ...ball4.contact, diameter },
            alongX: { touches: [at(signX * 10, -signY * r), at(signX * 150, -signY * r)], approach: signY },
            alongY: { touches: [at(-signX * r, signY * 15), at(-signX * r, signY * 90)], approach: signX },
            nominal: { x: 0, y: 0 },
          });
          expect(Math.hypot(found.corner.x - x, found.corner.y - y)).toBeLessThan(1e-9);
          expect(found.skew).toBeCloseTo(turn, 9);
          expect(found.offSquare).toBeCloseTo(0, 9);
        },
      ),
    );
  });

  test('touches close together leave the corner wider, far from them above all', () => {
    const wide = corner(skewed).U;
    const close = corner({
      ...skewed,
      alongX: {
        touches: [
          { x: 135, y: -3.079 },
          { x: 155, y: -2.9568 },
        ],
        approach: 1,
      },
    }).U;
    expect(close.y).toBeGreaterThan(5 * wide.y);
    expect(close.skew).toBeGreaterThan(5 * wide.skew);
  });

  test('touches of a face at one place are refused', () => {
    const touches = [
      { x: 15, y: -3 },
      { x: 15, y: -3 },
    ];
    expect(() => corner({ ...skewed, want: 'skew', alongX: { touches, approach: 1 } })).toThrow(/second place/);
    expect(() => corner({ ...skewed, want: 'squareness' })).toThrow(/second place/);
    // Where no skew is asked they are repeats, and narrow the answer.
    const repeated = corner({ ...skewed, alongX: { touches, approach: 1 } });
    const once = corner({ ...skewed, alongX: { touches: touches.slice(1), approach: 1 } });
    expect(repeated.skew).toBe(0);
    expect(repeated.corner.y).toBeCloseTo(-1, 9);
    expect(repeated.U.y).toBeLessThan(once.U.y);
  });
});

describe('a bore or boss by touches', () => {
  const touches = [
    { x: 51.011, y: 58.2 },
    { x: 73.019, y: 58.2 },
    { x: 61.9, y: 46.979 },
    { x: 61.9, y: 68.989 },
  ];
  const bore = { ...ball4, feature: 'bore' as const, touches, nominal: { x: 62, y: 58 } };

  test('four touches of a 26 mm bearing bore', () => {
    const result = circle(bore);
    expect(result.centre.x).toBeCloseTo(62.015, 3);
    expect(result.centre.y).toBeCloseTo(57.984, 3);
    expect(result.diameter).toBeCloseTo(26.012, 3);
    expect(result.workOffset.x).toBeCloseTo(0.015, 3);
    expect(result.form).toBeLessThan(0.002);
    expect(result.notes).toEqual([]);
  });

  test('on a boss the contact is taken off', () => {
    expect(circle({ ...bore, feature: 'boss' }).diameter).toBeCloseTo(18.012, 3);
  });

  test('touches on one line, or a contact larger than the boss, are refused', () => {
    const line = [0, 1, 2].map((i) => ({ x: i, y: 2 * i }));
    expect(() => circle({ ...bore, touches: line })).toThrow(/spread round/);
    const large = { ...bore.contact, diameter: 40 };
    expect(() => circle({ ...bore, feature: 'boss', contact: large })).toThrow(/larger than what was touched/);
  });

  test('a short arc is warned of, with the ± along the weak direction', () => {
    const short = [60, 80, 100, 120].map((angle) => ({
      x: 11 * Math.cos((angle * Math.PI) / 180),
      y: 11 * Math.sin((angle * Math.PI) / 180),
    }));
    const result = circle({ ...bore, touches: short });
    expect(result.arc).toBeCloseTo(60, 6);
    expect(result.U.weakestAngle).toBeCloseTo(90, 6);
    expect(result.U.weakest).toBeGreaterThan(4 * result.U.x);
    expect(result.notes).toEqual([
      { code: 'short-arc', of: 'touches', arc: result.arc, weakest: result.U.weakestAngle },
    ]);
  });
});
