import fc from 'fast-check';
import { boltCircle } from './boltCircle';
import type { BoltCircle } from '../../records/setup/patternShape';
import { boltCircleCalculatorInput } from './boltCircle.schema';

const plate: BoltCircle = {
  centre: { x: 62, y: 58 },
  diameter: 48,
  holes: 6,
  firstAngle: 15,
  direction: 'counter-clockwise',
};

const rounded = (circle: BoltCircle) =>
  boltCircle(circle).positions.map(({ x, y }) => [Number(x.toFixed(4)), Number(y.toFixed(4))]);

describe('bolt circle', () => {
  test('six on 48 from 15 degrees about (62, 58)', () => {
    expect(rounded(plate)).toEqual([
      [85.1822, 64.2117],
      [68.2117, 81.1822],
      [45.0294, 74.9706],
      [38.8178, 51.7883],
      [55.7883, 34.8178],
      [78.9706, 41.0294],
    ]);
    expect(boltCircle(plate).chord).toBeCloseTo(24, 12);
  });

  test('four over an arc of 75 degrees from 20, both ends', () => {
    expect(
      rounded({
        centre: { x: 0, y: 0 },
        diameter: 80,
        holes: 4,
        firstAngle: 20,
        direction: 'counter-clockwise',
        arc: 75,
      }),
    ).toEqual([
      [37.5877, 13.6808],
      [28.2843, 28.2843],
      [13.6808, 37.5877],
      [-3.4862, 39.8478],
    ]);
  });

  test('clockwise mirrors counter-clockwise about the first angle', () => {
    const there = boltCircle(plate).positions;
    const back = boltCircle({ ...plate, direction: 'clockwise' }).positions;
    expect(back[1]?.x).toBeCloseTo(there[5]?.x ?? NaN, 12);
    expect(back[1]?.y).toBeCloseTo(there[5]?.y ?? NaN, 12);
  });

  test('one hole has no chord and no division by zero, full or arc', () => {
    for (const arc of [undefined, 90]) {
      const single = boltCircle({ ...plate, holes: 1, arc });
      expect(single.chord).toBeNull();
      expect(single.positions).toHaveLength(1);
      expect(Number.isFinite(single.positions[0]?.x)).toBe(true);
    }
  });

  test('every hole lies on the circle and neighbours are a chord apart', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 200 }),
        fc.double({ min: 0.5, max: 500, noNaN: true }),
        fc.double({ min: -360, max: 360, noNaN: true }),
        (holes, diameter, firstAngle) => {
          const { positions, chord } = boltCircle({ ...plate, holes, diameter, firstAngle });
          positions.forEach(({ x, y }, i) => {
            expect(Math.hypot(x - 62, y - 58)).toBeCloseTo(diameter / 2, 9);
            const next = positions[(i + 1) % holes];
            expect(Math.hypot((next?.x ?? NaN) - x, (next?.y ?? NaN) - y)).toBeCloseTo(chord ?? NaN, 8);
          });
        },
      ),
    );
  });

  test.each([
    ['no holes', { holes: 0 }, 'holes', /at least 1/],
    ['too many', { holes: 10_001 }, 'holes', /at most 10000/],
    ['half a hole', { holes: 2.5 }, 'holes', /whole number/],
    ['no diameter', { diameter: 0 }, 'diameter', /greater than zero/],
    ['negative diameter', { diameter: -48 }, 'diameter', /greater than zero/],
    ['an arc of nothing', { arc: 0 }, 'arc', /greater than zero/],
  ])('%s is refused by name', (_, change, field, message) => {
    const read = boltCircleCalculatorInput.safeParse({ ...plate, ...change });
    expect(read.error?.issues[0]?.path).toEqual([field]);
    expect(read.error?.issues[0]?.message).toMatch(message);
  });

  test('ten thousand holes are taken, and the tape of a hole beyond them is refused', () => {
    expect(boltCircle(boltCircleCalculatorInput.parse({ ...plate, holes: 10_000 })).positions).toHaveLength(10_000);
    expect(() => boltCircle({ ...plate, tapeFor: 7 })).toThrow(/no hole 7/);
  });
});
