import fc from 'fast-check';
import { rotate } from '../geometry/rotate';
import { chance } from '../metrology/chance';
import { chordOverPins } from './chordOverPins';
import { heightCheck } from './heightCheck';
import { patternFit } from './patternFit';
import { placesByMeasures, type Measure } from './placesByMeasures';

const THREE = [
  { x: 85.1822, y: 64.2117 },
  { x: 45.0294, y: 74.9706 },
  { x: 55.7883, y: 34.8178 },
];

const fitOf = (should: readonly { x: number; y: number }[], is: readonly { x: number; y: number }[], zone = 0.1) =>
  patternFit({
    holes: should.map((nominal, i) => ({
      name: `hole ${i + 1}`,
      nominal,
      measured: is[i] ?? nominal,
      zone,
    })),
    u: 0.005,
  });

test('a chord over pins: 30.015 over 6.000 and 6.002 is 24.014', () => {
  const { chord, uncertainty } = chordOverPins({ over: 30.015, pins: [6, 6.002], measuredU: 0.004, pinU: 0.001 });
  expect(chord).toBeCloseTo(24.014, 9);
  expect(uncertainty.U).toBeGreaterThanOrEqual(0.0039);
  expect(() => chordOverPins({ over: 5, pins: [6, 6], measuredU: 0.004, pinU: 0.001 })).toThrow(/wider/);
});

describe('a pattern as a whole', () => {
  const moved = THREE.map((place) => {
    const { x, y } = rotate(place, 0.05);
    return { x: x + 0.03, y: y - 0.02 };
  });

  test('turned by 0.05° about zero, then shifted by (+0.030, −0.020): exactly that, and nothing is left', () => {
    const fit = fitOf(THREE, moved);
    expect(fit.turn).toBeCloseTo(0.05, 9);
    expect(fit.shift.x).toBeCloseTo(0.03, 9);
    expect(fit.shift.y).toBeCloseTo(-0.02, 9);
    for (const { leftPosition } of fit.holes) expect(leftPosition).toBeLessThan(1e-9);
    const shiftX = fit.tape.sections.find(({ title }) => title === 'Shift along X');
    expect(shiftX?.total.value).toBeCloseTo(0.03, 9);
  });

  test('true position is twice the distance, against the zone’s diameter', () => {
    const { holes } = fitOf([{ x: 10, y: 10 }], [{ x: 10.03, y: 9.96 }], 0.099);
    expect(holes[0]?.position).toBeCloseTo(0.1, 9);
    expect(holes[0]?.inZone).toBe(false);
    expect(fitOf([{ x: 10, y: 10 }], [{ x: 10.03, y: 9.96 }], 0.101).holes[0]?.inZone).toBe(true);
  });

  test('one hole shifts and does not turn; holes at one place turn nothing', () => {
    const fit = fitOf([{ x: 5, y: 5 }], [{ x: 5.02, y: 5 }]);
    expect([fit.turn, fit.turnU]).toEqual([0, null]);
    expect(fit.shift.x).toBeCloseTo(0.02, 9);
    const twice = THREE.slice(0, 1).flatMap((place) => [place, place]);
    expect(() => fitOf(twice, twice)).toThrow(/one place/);
  });

  test('whatever turn and shift, they are found again', () => {
    const places = fc.array(
      fc.record({
        x: fc.double({ min: -200, max: 200, noNaN: true }),
        y: fc.double({ min: -200, max: 200, noNaN: true }),
      }),
      { minLength: 3, maxLength: 12 },
    );
    const small = fc.double({ min: -1, max: 1, noNaN: true });
    fc.assert(
      fc.property(places, small, small, small, (should, turn, dx, dy) => {
        const middle = should.reduce((sum, { x }) => sum + x, 0) / should.length;
        fc.pre(should.some(({ x }) => Math.abs(x - middle) > 1));
        const is = should.map((place) => {
          const { x, y } = rotate(place, turn);
          return { x: x + dx, y: y + dy };
        });
        const fit = fitOf(should, is);
        expect(fit.turn).toBeCloseTo(turn, 6);
        expect(fit.shift.x).toBeCloseTo(dx, 6);
        expect(fit.shift.y).toBeCloseTo(dy, 6);
      }),
    );
  });

  test('the ± of turn and shift hold what scatter does, in 95 of 100', () => {
    const random = chance(14);
    let [held, heldTurn] = [0, 0];
    const cases = 2000;
    for (let i = 0; i < cases; i += 1) {
      const fit = fitOf(
        THREE,
        THREE.map(({ x, y }) => ({ x: x + 0.005 * random.normal(), y: y + 0.005 * random.normal() })),
      );
      if (Math.abs(fit.shift.x) <= fit.uncertainty.U) held += 1;
      if (Math.abs(fit.turn) <= (fit.turnU ?? 0)) heldTurn += 1;
    }
    expect(held / cases).toBeGreaterThan(0.94);
    expect(heldTurn / cases).toBeGreaterThan(0.94);
  });
});

describe('places by chords and coordinates', () => {
  const should = [
    { x: 0, y: 0 },
    { x: 24, y: 0 },
    { x: 12, y: 20 },
  ];
  const is = [
    { x: 0.02, y: -0.01 },
    { x: 24.03, y: 0.01 },
    { x: 11.98, y: 20.02 },
  ];
  const chord = (from: number, to: number): Measure => ({
    kind: 'chord',
    from,
    to,
    value: Math.hypot((is[to]?.x ?? 0) - (is[from]?.x ?? 0), (is[to]?.y ?? 0) - (is[from]?.y ?? 0)),
    u: 0.002,
  });
  const coordinate = (of: number, axis: 'x' | 'y'): Measure => ({
    kind: 'coordinate',
    of,
    axis,
    value: is[of]?.[axis] ?? 0,
    u: 0.005,
  });

  test('three chords and three edges tell three holes', () => {
    const found = placesByMeasures(should, [
      chord(0, 1),
      chord(1, 2),
      chord(0, 2),
      coordinate(0, 'x'),
      coordinate(0, 'y'),
      coordinate(1, 'y'),
    ]);
    found.forEach(({ x, y, told }, i) => {
      expect(x).toBeCloseTo(is[i]?.x ?? NaN, 4);
      expect(y).toBeCloseTo(is[i]?.y ?? NaN, 4);
      expect(told).toBe(true);
    });
  });

  test('what nothing tells is not entered, and stays where it should be', () => {
    const found = placesByMeasures(should, [coordinate(0, 'x'), coordinate(0, 'y'), coordinate(1, 'x')]);
    expect(found.map(({ told }) => told)).toEqual([true, false, false]);
    expect(found[2]).toMatchObject({ x: 12, y: 20 });
  });

  test('more measures make it surer', () => {
    const few = placesByMeasures(should, [coordinate(0, 'x'), coordinate(0, 'y')]);
    const many = placesByMeasures(should, [
      coordinate(0, 'x'),
      coordinate(0, 'y'),
      coordinate(0, 'x'),
      coordinate(0, 'y'),
    ]);
    expect((many[0]?.u.x ?? 1) / (few[0]?.u.x ?? 1)).toBeCloseTo(Math.SQRT1_2, 3);
  });
});

describe('a height that a tool made', () => {
  test('left 0.12 too thick: the tool’s row goes down by as much', () => {
    const found = heightCheck({ should: 9.5, measured: 9.62, counts: 'thickness', measuredU: 0.01, tolerance: 0.05 });
    expect(found.high).toBeCloseTo(0.12, 9);
    expect(found.lengthBy).toBeCloseTo(-0.12, 9);
    expect([found.inLimits, found.isTold]).toEqual([false, true]);
  });

  test('a pocket too deep: the row goes up', () => {
    const found = heightCheck({ should: 4, measured: 4.03, counts: 'depth', measuredU: 0.01, tolerance: 0.05 });
    expect(found.lengthBy).toBeCloseTo(0.03, 9);
    expect(found.inLimits).toBe(true);
  });

  test('less than its ± tells nothing of the tool', () => {
    expect(heightCheck({ should: 4, measured: 4.005, counts: 'depth', measuredU: 0.01, tolerance: 0.05 }).isTold).toBe(
      false,
    );
  });
});
