import fc from 'fast-check';
import { formatAngle, formatLength, formatLengthUnit } from './formatLength';
import { cosDegrees, sinDegrees } from './degrees';

describe('a length as shown', () => {
  test.each([
    [-5, '−5.000'],
    [0.0005, '0.001'],
    [-0.0005, '−0.001'],
    [1.0005, '1.001'],
    [8.0345, '8.035'],
    [-0.0004, '0.000'],
    [-0, '0.000'],
    [1e-9, '0.000'],
    [184.012, '184.012'],
  ])('%d mm reads %s', (value, shown) => {
    expect(formatLength(value, { unit: 'mm' })).toBe(shown);
  });

  test('inches show four decimals and their own sign', () => {
    expect(formatLengthUnit(12.7, { unit: 'in' })).toBe('0.5000 in');
    expect(formatLength(0.1016, { unit: 'in', plus: true })).toBe('+0.0040');
    expect(formatLength(-25.4 / 8, { unit: 'in', decimals: 3 })).toBe('−0.125');
  });

  test('zero never has a sign, nor has what rounds to it', () => {
    fc.assert(
      fc.property(fc.double({ min: -0.00049, max: 0.00049, noNaN: true }), (value) => {
        expect(formatLength(value, { unit: 'mm', plus: true })).toBe('0.000');
      }),
    );
  });

  test('angles carry their sign of degree', () => {
    expect(formatAngle(15)).toBe('15.000°');
    expect(formatAngle(-60, 1)).toBe('−60.0°');
  });
});

test('sine and cosine are exact on the axes and agree with the textbook elsewhere', () => {
  expect([cosDegrees(90), sinDegrees(180), cosDegrees(-270), sinDegrees(270), cosDegrees(720)]).toEqual([
    0, 0, 0, -1, 1,
  ]);
  expect(sinDegrees(30)).toBeCloseTo(0.5, 15);
  expect(cosDegrees(60)).toBeCloseTo(0.5, 15);
  expect(sinDegrees(45) ** 2 + cosDegrees(45) ** 2).toBeCloseTo(1, 15);
});
