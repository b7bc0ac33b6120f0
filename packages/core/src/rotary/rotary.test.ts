import fc from 'fast-check';
import { faceFlip } from './faceFlip';
import { indexedPoint } from './indexedPoint';
import type { IndexedPointInput } from './indexedPoint.schema';
import { partTurn } from './turn';

const method = { resolution: 0.001, methodSd: 0.002 };
const sure = { method: { resolution: 0, methodSd: 0 }, uTouch: 0, uSize: 0 };
const pointU = { x: 0, y: 0, z: 0 };

describe('a rotary table face’s face flipped half a turn', () => {
  const input = {
    face1: [112.64],
    face2: [104.48],
    normal: 1 as const,
    faceZ: -318.225,
    method,
    uTouch: 0.002,
    uSize: 0.002,
  };

  test('the axis is halfway, the centre under the face by half the difference', () => {
    const found = faceFlip(input);
    expect(found.axis).toBeCloseTo(108.56, 9);
    expect(found.g).toBeCloseTo(4.08, 9);
    expect(found.axisZ).toBeCloseTo(-322.305, 9);
  });

  test('with its normal the other way first, the same centre', () => {
    const found = faceFlip({ ...input, face1: input.face2, face2: input.face1, normal: -1 });
    expect(found.axis).toBeCloseTo(108.56, 9);
    expect(found.g).toBeCloseTo(4.08, 9);
  });

  test('the contact’s size cancels in the axis and is in the height', () => {
    const found = faceFlip({ ...input, ...sure, uSize: 0.003 });
    expect(found.uncertainty.u).toBe(0);
    expect(found.gUncertainty.u).toBeCloseTo(0.003, 12);
  });

  test('a flip that did not flip is refused with the remedy', () => {
    expect(() => faceFlip({ ...input, face2: input.face1 })).toThrow(/was not turned over/);
  });
});

type Turning = IndexedPointInput['axes'][number];

const C = (command: number, change: Partial<Turning> = {}): Turning => ({
  name: 'C',
  sense: 1,
  centre: [-3.5, -60.25],
  centreU: 0,
  step: 0,
  command,
  ...change,
});

describe('a datum at an index', () => {
  test('the part turned by +35° about (-3.5, -60.25)', () => {
    const { point } = indexedPoint({ point: { x: 40, y: 12, z: 0 }, pointU, axes: [C(-35)] });
    expect(point.x).toBeCloseTo(-9.3078, 4);
    expect(point.y).toBeCloseTo(23.8843, 4);
    expect(point.z).toBe(0);
  });

  const A: Omit<Turning, 'command'> = { name: 'A', sense: 1, centre: [-1, -60.25], centreU: 0, step: 0 };
  const table: Omit<Turning, 'command'> = { name: 'C', sense: 1, centre: [2, -1.5], centreU: 0, step: 0 };
  const at = (a: number, c: number): IndexedPointInput => ({
    point: { x: 40, y: 12, z: 5 },
    pointU,
    axes: [
      { ...table, command: c },
      { ...A, command: a },
    ],
  });

  test('A-30 alone, and C+90 carried by A-30', () => {
    const alone = indexedPoint(at(-30, 0)).point;
    expect([alone.x, alone.y, alone.z].map((mm) => Number(mm.toFixed(4)))).toEqual([40, -22.3667, 2.7582]);
    const both = indexedPoint(at(-30, 90)).point;
    expect([both.x, both.y, both.z].map((mm) => Number(mm.toFixed(4)))).toEqual([15.5, -66.967, -22.9918]);
  });

  test('the order is the machine’s own: carried the other way round it is another place', () => {
    const input = at(-30, 90);
    const swapped = indexedPoint({ ...input, axes: [...input.axes].reverse() }).point;
    expect(Math.abs(swapped.y - indexedPoint(input).point.y)).toBeGreaterThan(1);
  });

  test('a sense of -1 is the same as the command turned round', () => {
    expect(partTurn({ sense: 1, command: 10 })).toBe(-10);
    expect(partTurn({ sense: -1, command: 10 })).toBe(10);
    const at35 = (axis: Turning) => indexedPoint({ point: { x: 40, y: 12, z: 0 }, pointU, axes: [axis] }).point;
    expect(at35(C(35, { sense: -1 }))).toEqual(at35(C(-35)));
  });

  test('there and back by the opposite commands in the opposite order is where it began', () => {
    const deg = fc.double({ min: -180, max: 180, noNaN: true });
    const mm = fc.double({ min: -200, max: 200, noNaN: true });
    fc.assert(
      fc.property(deg, deg, mm, mm, mm, (a, c, x, y, z) => {
        const out = at(a, c);
        const there = indexedPoint({ ...out, point: { x, y, z } }).point;
        const home = at(-a, -c);
        const back = indexedPoint({ ...home, point: there, axes: [...home.axes].reverse() }).point;
        expect(Math.hypot(back.x - x, back.y - y, back.z - z)).toBeLessThan(1e-9);
      }),
      { numRuns: 300 },
    );
  });

  test('the step of an axis swings the datum by its arm, the centre’s U is in full at half a turn twice', () => {
    const far = indexedPoint({ point: { x: 96.5, y: -60.25, z: 0 }, pointU, axes: [C(0, { step: 0.01 })] });
    // An arm of 100 along X swings along Y.
    expect(far.U.y).toBeCloseTo(0.95 * ((100 * 0.005 * Math.PI) / 180), 5);
    expect(far.U.x).toBeLessThan(1e-6);
    const half = indexedPoint({ point: { x: 40, y: 12, z: 0 }, pointU, axes: [C(180, { centreU: 0.01 })] });
    expect(half.uncertainty.u).toBeCloseTo(2 * 0.005, 6);
    const none = indexedPoint({ point: { x: 40, y: 12, z: 0 }, pointU, axes: [C(0, { centreU: 0.01 })] });
    expect(none.uncertainty.u).toBeLessThan(1e-9);
  });

  test('an axis named twice is refused with the remedy', () => {
    expect(() => indexedPoint({ point: { x: 1, y: 1, z: 1 }, pointU, axes: [C(10), C(20)] })).toThrow(
      /Give each axis once/,
    );
  });
});
