import fc from 'fast-check';
import { pointLength, stepDepth } from './stepDepth';

const through = { kind: 'through', thickness: 9.5 } as const;
const blind = { kind: 'blind', depth: 6 } as const;

describe('depths are of the point', () => {
  test('a drill of 4.2 has a point of 1.2618', () => {
    expect(pointLength(4.2)).toBeCloseTo(1.2618, 4);
  });

  test('through: thickness, point and break-through', () => {
    const found = stepDepth('drill', through, { diameter: 4.2 }, 4.2, 0.5);
    expect(found.tip).toBeCloseTo(9.5 + 1.2618 + 0.5, 4);
    expect(found.below).toBeCloseTo(1.7618, 4);
  });

  test('blind: full depth and the point told', () => {
    expect(stepDepth('drill', blind, { diameter: 4.2 }, 4.2)).toMatchObject({ below: 0 });
    expect(stepDepth('drill', blind, { diameter: 4.2 }, 4.2).tip).toBeCloseTo(7.2618, 4);
  });

  test('the point is that of the drill in the spindle, not of the hole', () => {
    expect(stepDepth('drill', blind, { diameter: 2.5, pointAngle: 135 }, 3).point).toBeCloseTo(0.5178, 4);
  });

  test('a reamer and a tap by their lead, a boring bar by nothing', () => {
    expect(stepDepth('ream', through, { diameter: 3, lead: 1.2 }, 3, 0.5).tip).toBeCloseTo(11.2, 9);
    expect(stepDepth('tap', blind, { diameter: 3, lead: 1.5 }, 3).tip).toBeCloseTo(7.5, 9);
    expect(stepDepth('bore', through, { diameter: 22 }, 26, 0.3)).toMatchObject({ tip: 9.8, point: 0 });
  });

  test('a spot breaks the edge, as deep as its cone, and not beyond the hole', () => {
    expect(stepDepth('spot', through, { diameter: 6 }, 4.2).tip).toBeCloseTo(2.25, 9);
    const bore = stepDepth('spot', through, { diameter: 6 }, 26);
    expect(bore.tip).toBeCloseTo(3, 9);
    expect(bore.capped).toBe(true);
    expect(stepDepth('spot', { kind: 'blind', depth: 1 }, { diameter: 6 }, 4.2).tip).toBe(1);
    expect(() => stepDepth('spot', through, undefined, 4.2)).toThrow(/Give this machine a spot drill/);
  });
});

test('a drill that goes through leaves full diameter under the part by the break-through, whatever its point', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.5, max: 30, noNaN: true }),
      fc.double({ min: 60, max: 160, noNaN: true }),
      fc.double({ min: 0, max: 3, noNaN: true }),
      (diameter, pointAngle, breakThrough) => {
        const { tip, point } = stepDepth('drill', through, { diameter, pointAngle }, diameter, breakThrough);
        expect(tip - point - 9.5).toBeCloseTo(breakThrough, 9);
      },
    ),
  );
});
