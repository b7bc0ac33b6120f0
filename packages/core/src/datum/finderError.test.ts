import { circle } from './round/circle';
import { corner } from './faces/corner';
import { edge } from './faces/edge';
import { edgeCase } from './faces/edge.case';
import { oppositeFaces } from './faces/oppositeFaces';

/** A finder whose trip is sure and whose size is not, and the other way about; scales that show everything. */
const method = { resolution: 0, methodSd: 0 };
const contact = { diameter: 4, feeler: 0, tir: 0, spin: 'standing' as const };
const sized = { contact, method, uTouch: 0, uSize: 0.003 };
const felt = { contact, method, uTouch: 0.005, uSize: 0 };

const faces = {
  first: { readings: [-2], approach: 1 as const },
  second: { readings: [186], approach: -1 as const },
  nominal: 92,
};
const bore = {
  feature: 'bore' as const,
  touches: [
    { x: 51.011, y: 58.2 },
    { x: 73.019, y: 58.2 },
    { x: 61.9, y: 46.979 },
    { x: 61.9, y: 68.989 },
  ],
  nominal: { x: 0, y: 0 },
};
const square = {
  alongX: { touches: [{ x: 10, y: -2 }], approach: 1 as const },
  alongY: { touches: [{ x: -2, y: 10 }], approach: 1 as const },
  nominal: { x: 0, y: 0 },
};

describe('the size of a finder, off by the same at every touch', () => {
  test('is in an edge once, in a width twice, in a middle not at all', () => {
    expect(edge({ ...edgeCase, ...sized, readings: [-2] }).uncertainty.u).toBeCloseTo(0.003, 12);
    const middle = oppositeFaces({ ...sized, ...faces });
    expect(middle.widthUncertainty.u).toBeCloseTo(0.006, 12);
    expect(middle.uncertainty.u).toBe(0);
  });

  test('is in the diameter of a bore twice, in its centre not at all', () => {
    const found = circle({ ...sized, ...bore });
    const plain = circle({ ...sized, uSize: 0, ...bore });
    expect(found.uncertainty.u).toBe(plain.uncertainty.u);
    expect(Math.sqrt((found.U.diameter / 1.96) ** 2 - (plain.U.diameter / 1.96) ** 2)).toBeCloseTo(0.006, 4);
  });

  test('moves both faces of a corner together', () => {
    const { axes, covariance } = corner({ ...sized, ...square });
    expect(axes.x.u).toBeCloseTo(0.003, 9);
    expect(covariance.xy).toBeCloseTo(0.003 ** 2, 12);
  });
});

describe('where it trips, again in every direction', () => {
  test('is in an edge once, in a width by √2, in a middle by 1/√2', () => {
    expect(edge({ ...edgeCase, ...felt, readings: [-2, -2, -2, -2] }).uncertainty.u).toBeCloseTo(0.005, 12);
    const middle = oppositeFaces({ ...felt, ...faces });
    expect(middle.widthUncertainty.u).toBeCloseTo(0.005 * Math.SQRT2, 12);
    expect(middle.uncertainty.u).toBeCloseTo(0.005 / Math.SQRT2, 12);
  });

  test('moves the faces of a corner each by itself', () => {
    const { axes, covariance } = corner({ ...felt, ...square });
    expect(axes.y.u).toBeCloseTo(0.005, 9);
    expect(Math.abs(covariance.xy)).toBeLessThan(1e-12);
  });
});
